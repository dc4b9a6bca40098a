<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

/** How far a short may be brought from how it was made. */
final readonly class PaceLimits
{
    /** So much is left of a pause between words; less sounds cut off (common practice, no published source). */
    public const LEAST_DEAD_AIR = 60;

    /** Between the last word of a scene and the first of the next (common practice, no published source). */
    public const LEAST_GAP = 40;

    /**
     * Percent of its tempo at which speech is still taken for natural (common practice, no published source).
     */
    public const FASTEST = 112;

    /** Words a second beyond which speech is hard to follow (common practice, no published source). */
    public const FAST_SPEECH = 3.7;

    public const MOST_DEAD_AIR = 350;

    public const MOST_GAP = 450;

    public const SLOWEST = 90;

    /**
     * @param  int  $leastDeadAirMs  what a pause inside a scene is cut to at least
     * @param  int  $leastGapMs  between two scenes
     * @param  int  $fastest  percent of the tempo as spoken
     * @param  int  $mostDeadAirMs  what a pause inside a scene is cut to at most, where a short is stretched
     * @param  int  $mostGapMs  between two scenes, where a short is stretched
     * @param  int  $slowest  percent of the tempo as spoken
     */
    public function __construct(
        public int $leastDeadAirMs = self::LEAST_DEAD_AIR,
        public int $leastGapMs = self::LEAST_GAP,
        public int $fastest = self::FASTEST,
        public MayDrop $mayDrop = MayDrop::Any,
        public int $mostDeadAirMs = self::MOST_DEAD_AIR,
        public int $mostGapMs = self::MOST_GAP,
        public int $slowest = self::SLOWEST,
    ) {
    }
}
