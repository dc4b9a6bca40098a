<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\Refusal;

/** A few words; empty for none. */
final readonly class TextType implements SettingType
{
    public function __construct(
        public string $what,
        public int $most,
    ) {
    }

    public function read(string $written): string
    {
        $plain = trim((string) preg_replace('/[\s\p{Cc}]+/u', ' ', mb_scrub($written)));
        if (mb_strlen($plain) > $this->most) {
            throw new Refusal(sprintf(
                '%s has at most %d letters; this has %s.', $this->what, $this->most, number_format(mb_strlen($plain)),
            ));
        }

        return $plain;
    }

    public function says(int|float|string $value): string
    {
        return $value === '' ? 'none' : "“{$value}”";
    }

    public function toArray(): array
    {
        return ['type' => 'text', 'most' => $this->most];
    }
}
