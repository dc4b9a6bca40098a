<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

use InvalidArgumentException;

/** Colours as they are written: what goes among the words of a filter is nothing else. */
final class Written
{
    /**
     * @param  array<array-key, mixed>  $colours
     * @return list<string> the same
     *
     * @throws InvalidArgumentException when one is no RRGGBB
     */
    public static function all(array $colours): array
    {
        $asked = [];
        foreach ($colours as $colour) {
            $asked[] = is_string($colour) && preg_match('/^[0-9A-Fa-f]{6}$/D', $colour) === 1
                ? $colour : throw new InvalidArgumentException('A colour is written as six hexadecimal digits.');
        }

        return $asked;
    }
}
