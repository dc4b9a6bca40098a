<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\FieldPattern;
use RapidReel\Base\Refusal;

/** Words with fields that are filled in. */
final readonly class PatternType implements SettingType
{
    /** @param  list<string>  $fields */
    public function __construct(
        public array $fields,
        public int $most,
    ) {
    }

    /** @throws Refusal where a field is none */
    public function read(string $written): string
    {
        $plain = trim((string) preg_replace('/[\s\p{Cc}]+/u', ' ', mb_scrub($written)));

        return (new FieldPattern($plain, $this->fields, $this->most, 'texts'))->pattern;
    }

    public function says(int|float|string $value): string
    {
        return $value === '' ? 'none' : "“{$value}”";
    }

    public function toArray(): array
    {
        return ['type' => 'pattern', 'fields' => $this->fields, 'most' => $this->most];
    }
}
