<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\NamePattern;
use RapidReel\Base\Refusal;

/** How files that are handed out are called. */
final readonly class NamesType implements SettingType
{
    /** @throws Refusal where files would be called alike, or a field is none */
    public function read(string $written): string
    {
        return (new NamePattern(trim($written)))->pattern;
    }

    public function says(int|float|string $value): string
    {
        return (string) $value;
    }

    public function toArray(): array
    {
        return ['type' => 'names', 'fields' => NamePattern::FIELDS, 'most' => NamePattern::MOST];
    }
}
