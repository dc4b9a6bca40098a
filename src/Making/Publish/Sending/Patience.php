<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Sending;

/** How long is waited before something is tried again: longer each time, and as long as whoever refused asks for. */
final readonly class Patience
{
    private const FIRST = 30;

    public const LONGEST = 6 * 3_600;

    /** After so many it is left to a person. */
    public const MOST_TRIES = 12;

    /** What somebody asks for beyond this is taken for nonsense. */
    public const MOST_ASKED = 48 * 3_600;

    /**
     * @param  int  $tries  how often it has failed, 1 the first time
     * @param  int|null  $asked  seconds that the other side asked for
     * @param  float  $chance  0…1: many that failed together do not come back together
     * @return int seconds
     */
    public static function seconds(int $tries, ?int $asked, float $chance): int
    {
        $own = min(self::LONGEST, self::FIRST * 2 ** min(20, max(0, $tries - 1)));

        return max((int) round($own * (0.75 + $chance / 2)), min(self::MOST_ASKED, max(0, $asked ?? 0)));
    }

    /**
     * A `Retry-After` of HTTP (RFC 9110, section 10.2.3): seconds, or a date.
     *
     * @param  int  $now  Unix time
     * @return int|null seconds from now; null where it says nothing that can be read
     */
    public static function asked(string $header, int $now): ?int
    {
        $header = trim($header);
        if (preg_match('/^\d{1,9}$/D', $header) === 1) {
            return min(self::MOST_ASKED, (int) $header);
        }
        $at = $header === '' ? false : strtotime($header);

        return $at === false ? null : min(self::MOST_ASKED, max(0, $at - $now));
    }
}
