<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\SpeechLevels;

/**
 * What two recordings are compared by: cepstra of the frames that matter, each coefficient brought to mean 0 and
 * deviation 1, with twice their slope beside them. Silence at the ends is left out, and long pauses are shortened.
 */
final readonly class SpeechFeatures
{
    /** Coefficients and their slopes */
    public const SIZE = 2 * Cepstra::COEFFICIENTS;

    /** Frames kept of a pause, half of them on either side. */
    private const KEPT_OF_PAUSE = 24;

    /** Frames of silence kept before and after all speech. */
    private const MARGIN = 5;

    /** Added to every band: so far under the mean power of speech that it only evens out silence. */
    private const FLOOR_DB = -42.0;

    /**
     * @param  list<float>  $values  frame after frame, 26 each
     * @param  list<int>  $frames  which 10 ms of the sound each is
     */
    private function __construct(
        public array $values,
        public array $frames,
        public SpeechLevels $levels,
    ) {
    }

    /** @param  Pcm  $sound  at 16 kHz */
    public static function of(Pcm $sound, Cepstra $cepstra): self
    {
        $levels = SpeechLevels::of($sound->levels());
        $kept = self::kept($levels, Cepstra::frames($sound));
        $speech = 10 ** ($levels->loudDb / 20) * 32_768;
        // Power of a band of white noise at that level through a window of 400 samples, roughly.
        $floor = $speech * $speech * 400 * 0.4 * 10 ** (self::FLOOR_DB / 10);
        $all = $cepstra->of($sound, max(1.0, $floor));
        $count = count($kept);
        $size = Cepstra::COEFFICIENTS;
        $values = array_fill(0, $count * self::SIZE, 0.0);
        for ($k = 0; $k < $size; $k++) {
            foreach ($kept as $i => $frame) {
                $values[$i * self::SIZE + $k] = $all[$frame * $size + $k];
            }
        }

        unset($all);

        return self::made($values, $kept, $levels);
    }

    /**
     * As somebody else says it.
     *
     * @param  WarpPath  $path  which frames of this and of the other go together
     * @param  list<float>  $own  the frames of this that the path means
     * @param  list<float>  $others  those of the other
     */
    public function adapted(WarpPath $path, array $own, array $others): self
    {
        $adaptation = Adaptation::along($path, $own, $others);
        $values = $this->values;
        for ($i = 0, $count = $this->count(); $i < $count; $i++) {
            $at = $i * self::SIZE;
            foreach ($adaptation->of(array_slice($this->values, $at, Cepstra::COEFFICIENTS)) as $k => $value) {
                $values[$at + $k] = $value;
            }
        }

        return self::made($values, $this->frames, $this->levels);
    }

    /**
     * @param  array<int, float>  $values  coefficients in their places
     * @param  list<int>  $frames
     */
    private static function made(array $values, array $frames, SpeechLevels $levels): self
    {
        $count = count($frames);
        for ($k = 0; $k < Cepstra::COEFFICIENTS; $k++) {
            $sum = 0.0;
            $squares = 0.0;
            for ($i = 0; $i < $count; $i++) {
                $value = $values[$i * self::SIZE + $k];
                $sum += $value;
                $squares += $value * $value;
            }
            $mean = $sum / max(1, $count);
            $deviation = sqrt(max(1e-9, $squares / max(1, $count) - $mean * $mean));
            for ($i = 0; $i < $count; $i++) {
                $values[$i * self::SIZE + $k] = ($values[$i * self::SIZE + $k] - $mean) / $deviation;
            }
        }
        self::addSlopes($values, $count);

        return new self(array_values($values), $frames, $levels);
    }

    /**
     * Two and two frames together.
     *
     * @return list<float> SIZE numbers each
     */
    public function halved(): array
    {
        $halved = [];
        for ($i = 0, $count = $this->count(); $i < $count; $i += 2) {
            $at = $i * self::SIZE;
            $next = $i + 1 < $count ? $at + self::SIZE : $at;
            for ($k = 0; $k < self::SIZE; $k++) {
                $halved[] = ($this->values[$at + $k] + $this->values[$next + $k]) / 2;
            }
        }

        return $halved;
    }

    public function count(): int
    {
        return count($this->frames);
    }

    /** Which of the kept frames is at a time or next after it, or the last. */
    public function frameAt(int $ms): int
    {
        $wanted = intdiv(max(0, $ms), SpeechLevels::FRAME_MS);
        [$low, $high] = [0, $this->count() - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->frames[$middle] < $wanted) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /**
     * Means of so many frames together, without slopes, to be compared roughly first.
     *
     * @return list<float> 13 numbers each
     */
    public function coarse(int $step): array
    {
        $coarse = [];
        for ($first = 0, $count = $this->count(); $first < $count; $first += $step) {
            $last = min($count, $first + $step);
            for ($k = 0; $k < Cepstra::COEFFICIENTS; $k++) {
                $sum = 0.0;
                for ($i = $first; $i < $last; $i++) {
                    $sum += $this->values[$i * self::SIZE + $k];
                }
                $coarse[] = $sum / ($last - $first);
            }
        }

        return $coarse;
    }

    /** @return list<int> */
    private static function kept(SpeechLevels $levels, int $frames): array
    {
        $span = $levels->span() ?? [0, $frames];
        $skipped = [];
        $half = intdiv(self::KEPT_OF_PAUSE, 2);
        foreach ($levels->pauses((self::KEPT_OF_PAUSE + 1) * SpeechLevels::FRAME_MS) as [$from, $until]) {
            for ($frame = $from + $half; $frame < $until - $half; $frame++) {
                $skipped[$frame] = true;
            }
        }
        $kept = [];
        for (
            $frame = max(0, $span[0] - self::MARGIN), $end = min($frames, $span[1] + self::MARGIN);
            $frame < $end;
            $frame++
        ) {
            if (! isset($skipped[$frame])) {
                $kept[] = $frame;
            }
        }

        return $kept;
    }

    /** @param  array<int, float>  $values  where they are: a copy of a long recording's is large */
    private static function addSlopes(array &$values, int $count): void
    {
        $size = self::SIZE;
        for ($i = 0; $i < $count; $i++) {
            $p1 = min($count - 1, $i + 1) * $size;
            $p2 = min($count - 1, $i + 2) * $size;
            $m1 = max(0, $i - 1) * $size;
            $m2 = max(0, $i - 2) * $size;
            for ($k = 0; $k < Cepstra::COEFFICIENTS; $k++) {
                // The slope of a line through five points, twice.
                $values[$i * $size + Cepstra::COEFFICIENTS + $k] =
                    0.2 * ($values[$p1 + $k] - $values[$m1 + $k] + 2 * ($values[$p2 + $k] - $values[$m2 + $k]));
            }
        }
    }
}
