<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\Refusal;

/** What values a setting takes, how they are written, and how they are said. */
interface SettingType
{
    /**
     * Reads a value as an operator, a file or a form writes it.
     *
     * @throws Refusal with the range, where it is none; nothing is brought into the range silently
     */
    public function read(string $written): int|float|string;

    /** A value in words: "120 ms", "Brenna". */
    public function says(int|float|string $value): string;

    /** @return array{type: string, ...} as data: the kind of value, its unit and its range */
    public function toArray(): array;
}
