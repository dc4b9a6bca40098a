<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

/** What is done with a clip that does not last as long as its shot. */
enum ClipFit: string
{
    case Hold = 'hold';
    case Slow = 'slow';
    case Loop = 'loop';
    case Whole = 'whole';

    /** No picture is to be seen for a second, and none is left out that somebody could see. */
    private const SLOWEST = 0.1;

    private const FASTEST = 40.0;

    public function label(): string
    {
        return match ($this) {
            self::Hold => 'hold the last picture',
            self::Slow => 'slow down until they last',
            self::Loop => 'play again from the start',
            self::Whole => 'show all of it, as slow or fast as that takes',
        };
    }

    /**
     * How fast a clip plays in a shot, 1 as it was taken.
     *
     * @param  int  $clipMs  at least 1
     * @param  int  $shotMs  at least 1
     */
    public function speed(int $clipMs, int $shotMs): float
    {
        $speed = max(self::SLOWEST, min(self::FASTEST, $clipMs / $shotMs));

        return match (true) {
            $this === self::Whole, $this === self::Slow && $clipMs < $shotMs => round($speed, 4),
            default => 1.0,
        };
    }

    /** After how many ms of it a clip begins again; 0 where it does not. */
    public function loopMs(int $clipMs, int $shotMs): int
    {
        return $this === self::Loop && $clipMs < $shotMs ? $clipMs : 0;
    }
}
