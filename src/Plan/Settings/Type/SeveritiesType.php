<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\Refusal;
use RapidReel\Plan\Finding\FindingKind;
use RapidReel\Plan\Finding\Severities;
use RapidReel\Plan\Finding\Severity;

/** Which findings stop a short, which warn and which are ignored: those that are not as usual. */
final readonly class SeveritiesType implements SettingType
{
    /** @throws Refusal where it names what there is not */
    public function read(string $written): string
    {
        return (string) Severities::read($written);
    }

    public function says(int|float|string $value): string
    {
        $text = str_replace(', ', '; ', (string) $value);

        return $text === '' ? 'default' : $text;
    }

    public function toArray(): array
    {
        return [
            'type' => 'severities', 'kinds' => array_column(FindingKind::cases(), 'value'),
            'severities' => array_column(Severity::cases(), 'value'),
        ];
    }
}
