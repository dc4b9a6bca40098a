<?php

declare(strict_types=1);

namespace RapidReel\Captions\Style;

use InvalidArgumentException;

/**
 * How captions look, how they come and go, and by which rules words are put together in them. Lengths are pixels of a
 * frame of 1080 × 1920, colours RRGGBB, parts percent, times milliseconds. `StyleFields` tells the range of each.
 */
final readonly class CaptionStyle
{
    /** @param  int  $height  of the middle of a caption, percent of the frame from its top */
    public function __construct(
        public StyleType $type = new StyleType,
        public StylePaint $paint = new StylePaint,
        public StylePlate $plate = new StylePlate,
        public StyleStress $stress = new StyleStress,
        public StyleMotion $motion = new StyleMotion,
        public StyleCues $cues = new StyleCues,
        public int $height = 62,
    ) {
    }

    /**
     * The usual one with other values.
     *
     * @param  int|string  ...$values  by name
     *
     * @throws InvalidArgumentException where one is outside the range of its field
     */
    public static function of(int|string ...$values): self
    {
        foreach ($values as $name => $value) {
            if (! self::isField($name) || ! StyleFields::isValid($name, $value)) {
                throw new InvalidArgumentException("A caption style cannot have this “{$name}”.");
            }
        }

        return (new self)->with($values);
    }

    /**
     * The same with other values; those that are in error are left out.
     *
     * @param  array<array-key, mixed>  $values  by name
     */
    public function with(array $values): self
    {
        $parts = $this->parts();
        foreach ($values as $name => $value) {
            if (self::isField($name) && StyleFields::isValid($name, $value)) {
                [$part, $property] = StyleFields::PLACES[$name];
                $parts[$part] = $property === '' ? $value : [...(array) $parts[$part], $property => $value];
            }
        }

        return new self(
            self::part(StyleType::class, $parts['type']),
            self::part(StylePaint::class, $parts['paint']),
            self::part(StylePlate::class, $parts['plate']),
            self::part(StyleStress::class, $parts['stress']),
            self::part(StyleMotion::class, $parts['motion']),
            self::part(StyleCues::class, $parts['cues']),
            is_int($parts['height']) ? $parts['height'] : $this->height,
        );
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $part
     * @return T
     */
    private static function part(string $part, mixed $values): object
    {
        return new $part(...(array) $values);
    }

    /** @return array<string, int|string> by name */
    public function toArray(): array
    {
        $parts = $this->parts();
        $values = [];
        foreach (StyleFields::PLACES as $name => [$part, $property]) {
            $one = $parts[$part];
            $values[$name] = is_array($one) ? $one[$property] : $one;
        }

        return $values;
    }

    /** @return array<string, array<string, int|string>|int> what each part is made of, by name */
    private function parts(): array
    {
        /** @var array<string, array<string, int|string>|int> $parts (they hold nothing else) */
        $parts = array_map(
            static fn (mixed $part): mixed => is_object($part) ? get_object_vars($part) : $part,
            get_object_vars($this),
        );

        return $parts;
    }

    /** @phpstan-assert-if-true key-of<StyleFields::ALL> $name */
    private static function isField(mixed $name): bool
    {
        return is_string($name) && isset(StyleFields::ALL[$name]);
    }
}
