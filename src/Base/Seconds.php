<?php

declare(strict_types=1);

namespace RapidReel\Base;

/** Lengths of time as operators write them. */
final class Seconds
{
    /**
     * Reads "58", "59.5" or "59.5 s".
     *
     * @return int ms
     *
     * @throws Refusal when it is no number of seconds
     */
    public static function milliseconds(string $written): int
    {
        if (preg_match('/^(\d{1,4}(?:\.\d{1,3})?)\s*s?$/', trim($written), $found) !== 1) {
            throw new Refusal(sprintf(
                'Write the length in seconds, such as 58 or 59.5; “%s” is none.',
                mb_strimwidth(trim($written), 0, 40, '…'),
            ));
        }

        return (int) round(1000 * (float) $found[1]);
    }

    /** A length without its unit, with no more figures than it has: 0.12, 3. */
    public static function bare(int $ms): string
    {
        return rtrim(rtrim(number_format($ms / 1000, 3), '0'), '.');
    }
}
