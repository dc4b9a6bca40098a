<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

use RapidReel\Plan\Pace\Cadence;
use RapidReel\Plan\Pace\ShotPlanner;

/** How a scene is paced. */
final readonly class PaceChoice
{
    /** After the last word of a short, so that it is not clipped and the music can end. */
    public const TAIL_MS = 600;

    public Cadence $cadence;

    /**
     * @param  Cadence|null  $cadence  how often its pictures change; null for as seldom as the longest shot allows
     * @param  int|null  $pauseMs  silence after it; null for the usual
     * @param  int  $tailMs  silence after it where it is the last
     */
    public function __construct(
        ?Cadence $cadence = null,
        public int $longestMs = ShotPlanner::LONGEST_MS,
        public int $shortestMs = ShotPlanner::SHORTEST_MS,
        public ?int $pauseMs = null,
        public int $tailMs = self::TAIL_MS,
    ) {
        $this->cadence = $cadence ?? Cadence::longest();
    }

    public function planner(): ShotPlanner
    {
        return new ShotPlanner($this->longestMs, $this->shortestMs, $this->cadence);
    }
}
