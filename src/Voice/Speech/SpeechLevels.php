<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

/**
 * Where in a sound somebody speaks, told from its level every 10 ms: thresholds lie between the quiet and the loud of
 * the sound itself, a higher one to begin and a lower one to go on (hysteresis).
 */
final readonly class SpeechLevels
{
    public const FRAME_MS = 10;

    /** What is quieter than this under the loud parts is silence in any room. */
    private const DEEPEST_DB = 50.0;

    /** Of the way from quiet to loud, speech begins here and ends below there. */
    private const BEGINS = 0.36;

    private const ENDS = 0.27;

    /** A sound whose loud parts stand out of its quiet ones by less is no speech. */
    private const LEAST_RANGE_DB = 8.0;

    /** A shorter burst is a click. */
    private const SHORTEST_MS = 30;

    /**
     * @param  list<bool>  $speech  for every 10 ms
     * @param  float  $quietDb  level of the quiet parts, under full scale
     * @param  float  $loudDb  level of the loud parts
     */
    private function __construct(
        public array $speech,
        public float $quietDb,
        public float $loudDb,
    ) {
    }

    /** @param  list<float>  $levels  root mean square of every 10 ms, 0…1 */
    public static function of(array $levels): self
    {
        if ($levels === []) {
            return new self([], -100.0, -100.0);
        }
        $decibels = array_map(static fn (float $level): float => 20 * log10(max($level, 1e-5)), $levels);
        $sorted = $decibels;
        sort($sorted);
        $loud = $sorted[(int) (0.95 * (count($sorted) - 1))];
        $quiet = max($loud - self::DEEPEST_DB, $sorted[(int) (0.05 * (count($sorted) - 1))]);
        $begins = $quiet + self::BEGINS * ($loud - $quiet);
        $ends = $quiet + self::ENDS * ($loud - $quiet);
        $speech = [];
        $speaking = false;
        foreach ($decibels as $level) {
            $speaking = $level > ($speaking ? $ends : $begins);
            $speech[] = $speaking;
        }

        return new self(self::withoutClicks($speech), $quiet, $loud);
    }

    /** Whether anything can be told apart at all: not silence, and not a hum. */
    public function holdsSpeech(): bool
    {
        return $this->loudDb > -60 &&
            $this->loudDb - $this->quietDb > self::LEAST_RANGE_DB &&
            in_array(true, $this->speech, true);
    }

    /** @return array{int, int}|null first frame of speech and the one after the last */
    public function span(): ?array
    {
        $frames = array_keys($this->speech, true, true);

        return $frames === [] ? null : [$frames[0], $frames[count($frames) - 1] + 1];
    }

    /**
     * Stretches without speech that last at least so long, between the first and the last of speech.
     *
     * @return list<array{int, int}> first frame and the one after the last
     */
    public function pauses(int $shortestMs): array
    {
        $span = $this->span();
        if ($span === null) {
            return [];
        }
        $pauses = [];
        $since = null;
        for ($frame = $span[0]; $frame < $span[1]; $frame++) {
            if (! $this->speech[$frame]) {
                $since ??= $frame;
            } elseif ($since !== null) {
                if (($frame - $since) * self::FRAME_MS >= $shortestMs) {
                    $pauses[] = [$since, $frame];
                }
                $since = null;
            }
        }

        return $pauses;
    }

    /**
     * @param  list<bool>  $speech
     * @return list<bool>
     */
    private static function withoutClicks(array $speech): array
    {
        $since = null;
        foreach ([...$speech, false] as $frame => $speaking) {
            if ($speaking) {
                $since ??= $frame;
            } elseif ($since !== null) {
                if (($frame - $since) * self::FRAME_MS < self::SHORTEST_MS) {
                    for ($i = $since; $i < $frame; $i++) {
                        $speech[$i] = false;
                    }
                }
                $since = null;
            }
        }

        return array_values($speech);
    }
}
