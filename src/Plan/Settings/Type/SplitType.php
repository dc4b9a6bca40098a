<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\Refusal;
use RapidReel\Text\Script\SplitRule;

/** A rule for splitting a script into scenes: "sentence", "line", "words:5-15" or "seconds:4". */
final readonly class SplitType implements SettingType
{
    public function read(string $written): string
    {
        return (string) SplitRule::parse(mb_strtolower(trim($written)));
    }

    /** @throws Refusal */
    public function says(int|float|string $value): string
    {
        return SplitRule::parse((string) $value)->label();
    }

    public function toArray(): array
    {
        return ['type' => 'split', 'forms' => ['sentence', 'line', 'words:FEWEST-MOST', 'seconds:LONGEST']];
    }
}
