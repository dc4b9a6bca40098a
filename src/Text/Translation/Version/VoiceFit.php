<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation\Version;

/** How what is said in a scene is brought to the time that the scene had in another language. */
final readonly class VoiceFit
{
    /** A little shorter or longer than its pictures nobody sees. */
    public const NEAR_MS = 100;

    /** What is beyond the step that pauses are set in. */
    private const STEP_MS = 20;

    /**
     * @param  int  $tempo  percent
     * @param  int  $pauseMs  after it
     * @param  int  $overMs  that it is too long for all that
     */
    private function __construct(
        public int $tempo,
        public int $pauseMs,
        public int $overMs,
    ) {
    }

    /**
     * @param  int  $speechMs  at the usual tempo
     * @param  int  $spanMs  that it is to take with the pause after it
     * @param  int  $leastPauseMs  that is left after it
     * @param  int  $slowest  percent
     * @param  int  $fastest  percent
     */
    public static function of(int $speechMs, int $spanMs, int $leastPauseMs, int $slowest, int $fastest): self
    {
        $room = max(1, $spanMs - $leastPauseMs);
        $tempo = (int) min($fastest, max($slowest, (int) ceil(100 * $speechMs / $room)));
        $takes = (int) round($speechMs * 100 / $tempo);
        $left = $spanMs - $takes;

        return new self(
            $tempo, max($leastPauseMs, intdiv(max(0, $left), self::STEP_MS) * self::STEP_MS),
            max(0, $takes + $leastPauseMs - $spanMs),
        );
    }

    public function fits(): bool
    {
        return $this->overMs <= self::NEAR_MS;
    }
}
