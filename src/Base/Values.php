<?php

declare(strict_types=1);

namespace RapidReel\Base;

use JsonException;

/** What is set at one level; what is not here is inherited. */
final readonly class Values
{
    /** @var array<string, int|float|string> by key, in the order of the keys, so that equal ones are written alike */
    public array $own;

    /** @param  array<string, int|float|string>  $own  by key */
    public function __construct(array $own = [])
    {
        ksort($own);
        $this->own = $own;
    }

    public function has(string $key): bool
    {
        return array_key_exists($key, $this->own);
    }

    public function with(string $key, int|float|string $value): self
    {
        return new self([...$this->own, $key => $value]);
    }

    public function without(string $key): self
    {
        return new self(array_diff_key($this->own, [$key => true]));
    }

    /** @throws JsonException */
    public function toJson(): string
    {
        return json_encode((object) $this->own, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** What toJson() wrote; anything else in it is passed over. */
    public static function fromJson(?string $json): self
    {
        $data = $json === null || $json === '' ? [] : json_decode($json, true);
        $own = [];
        foreach (is_array($data) ? $data : [] as $key => $value) {
            if (is_string($key) && (is_int($value) || is_float($value) || is_string($value))) {
                $own[$key] = $value;
            }
        }

        return new self($own);
    }
}
