<?php

declare(strict_types=1);

namespace RapidReel\Base;

use JsonException;
use ValueError;

/** A JSON object read field by field: what is missing, or of another kind, is refused by its name. */
final readonly class JsonFields
{
    /** @param  array<array-key, mixed>  $data */
    public function __construct(private array $data)
    {
    }

    /**
     * @throws JsonException
     * @throws ValueError where it is no object
     */
    public static function of(string $json): self
    {
        return self::object(json_decode($json, true, 64, JSON_THROW_ON_ERROR), 'all of it');
    }

    public function has(string $key): bool
    {
        return isset($this->data[$key]);
    }

    /**
     * @param  string  $form  regular expression that it has to match
     *
     * @throws ValueError
     */
    public function text(string $key, string $form = '/^/'): string
    {
        $value = $this->data[$key] ?? null;

        return is_string($value) && preg_match($form, $value) === 1 ? $value : throw self::no($key, 'text of its form');
    }

    /** @throws ValueError */
    public function whole(string $key, int $least, int $most): int
    {
        $value = $this->data[$key] ?? null;

        return is_int($value) && $value >= $least && $value <= $most
            ? $value
            : throw self::no($key, "whole number from $least to $most");
    }

    /** @throws ValueError */
    public function decimal(string $key, float $least, float $most): float
    {
        $value = $this->data[$key] ?? null;

        return (is_float($value) || is_int($value)) && $value >= $least && $value <= $most
            ? (float) $value
            : throw self::no($key, "number from $least to $most");
    }

    /** @throws ValueError */
    public function part(string $key): self
    {
        return self::object($this->data[$key] ?? null, $key);
    }

    /**
     * @return array<array-key, string>
     *
     * @throws ValueError
     */
    public function texts(string $key): array
    {
        $value = $this->data[$key] ?? null;
        $texts = is_array($value) ? array_filter($value, is_string(...)) : null;

        return is_array($value) && $texts === $value ? $value : throw self::no($key, 'list of texts');
    }

    /**
     * @return list<int>
     *
     * @throws ValueError
     */
    public function numbers(string $key): array
    {
        $value = $this->data[$key] ?? null;
        $numbers = is_array($value) ? array_filter($value, is_int(...)) : null;

        return is_array($value) && $numbers === $value ? array_values($value) : throw self::no($key, 'list of numbers');
    }

    /** @throws ValueError */
    private static function object(mixed $value, string $key): self
    {
        return is_array($value) ? new self($value) : throw self::no($key, 'object');
    }

    private static function no(string $key, string $what): ValueError
    {
        return new ValueError("“{$key}” is not a {$what}.");
    }
}
