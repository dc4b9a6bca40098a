<?php

declare(strict_types=1);

namespace RapidReel\Base;

use BackedEnum;
use LogicException;
use ReflectionClass;
use ReflectionProperty;
use UnitEnum;

/** Values as plain arrays, whole: what is public of each, by its name. What two have in common they write alike. */
final class Plain
{
    /** @return array<array-key, mixed>|bool|float|int|string|null */
    public static function of(mixed $value): array|bool|float|int|string|null
    {
        return match (true) {
            is_array($value) => array_map(self::of(...), $value),
            $value instanceof BackedEnum => $value->value,
            $value instanceof UnitEnum => $value->name,
            is_object($value) => array_map(self::of(...), self::open($value)),
            is_scalar($value) => $value,
            default => null,
        };
    }

    /**
     * @return array<mixed>
     *
     * @throws LogicException where something of it is hidden, as two could differ in that and be written alike
     */
    private static function open(object $value): array
    {
        /** @var array<class-string, bool> $isOpen */
        static $isOpen = [];
        $isOpen[$value::class] ??= array_filter(
            (new ReflectionClass($value))->getProperties(),
            static fn (ReflectionProperty $property): bool => ! $property->isPublic() && ! $property->isStatic(),
        ) === [];

        return $isOpen[$value::class]
            ? get_object_vars($value)
            : throw new LogicException($value::class.' hides what it is made of.');
    }

    /** A hash that is another where anything of them is. */
    public static function hash(mixed ...$values): string
    {
        return hash('sha256', json_encode(self::of($values), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }
}
