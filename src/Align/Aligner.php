<?php

declare(strict_types=1);

namespace RapidReel\Align;

use RapidReel\Voice\Pcm;
use RapidReel\Voice\WordTiming;

/**
 * Finds when the words of a known text are spoken in a recording, by warping it onto a synthetic reading whose word times
 * are known: roughly over everything at first, then finely near that.
 */
final readonly class Aligner
{
    /** Frames (10 ms) that are one in the rough comparison. */
    private const COARSE = 8;

    /** How far, in rough frames, the recording may run ahead of or behind the reading: 20 s. */
    private const ROAM = 250;

    /** How far, in fine frames, the fine path may leave the rough one. */
    private const RADIUS = 22;

    public function __construct(private Cepstra $cepstra = new Cepstra)
    {
    }

    /**
     * @param  Pcm  $recording  at any rate
     * @param  Pcm  $reading  of the same text, at any rate
     * @param  non-empty-list<WordTiming>  $words  of the text, with their times in the reading
     *
     * @throws NotAlignable when there is no speech in the recording
     */
    public function align(Pcm $recording, Pcm $reading, array $words): Alignment
    {
        $heard = SpeechFeatures::of(Resampler::to($recording, Cepstra::RATE), $this->cepstra);
        if (! $heard->levels->holdsSpeech() || $heard->count() < 3) {
            throw NotAlignable::noSpeech();
        }
        $read = SpeechFeatures::of(Resampler::to($reading, Cepstra::RATE), $this->cepstra);
        if ($read->count() < 3) {
            throw NotAlignable::noReading();
        }
        $size = Cepstra::COEFFICIENTS;
        [$a, $b] = [$read->coarse(self::COARSE), $heard->coarse(self::COARSE)];
        $wide = $this->wideBand(intdiv(count($a), $size), intdiv(count($b), $size));
        $rough = Warp::path($a, $b, $size, $wide);
        $backwards = Warp::path(array_merge(...array_reverse(array_chunk($a, $size))), $b, $size, $wide);
        $path = Warp::path($read->values, $heard->values, SpeechFeatures::SIZE, $this->narrowBand($rough, $read->count(), $heard->count()));

        return (new PathReader($read, $heard, $path))->words($words, $recording->durationMs(), $rough->mean() / max(1e-6, $backwards->mean()));
    }

    /** @return list<array{int, int}> all that is not too far from the straight way */
    private function wideBand(int $rows, int $columns): array
    {
        $wide = [];
        for ($i = 0; $i < $rows; $i++) {
            $middle = (int) round($i * ($columns - 1) / max(1, $rows - 1));
            $wide[] = [max(0, $i === 0 ? 0 : $middle - self::ROAM), min($columns - 1, $i === $rows - 1 ? $columns - 1 : $middle + self::ROAM)];
        }

        return $wide;
    }

    /** @return list<array{int, int}> what is near a rough path */
    private function narrowBand(WarpPath $rough, int $count, int $columns): array
    {
        $last = $columns - 1;
        $band = [];
        [$low, $high] = [0, 0];
        for ($i = 0; $i < $count; $i++) {
            $row = intdiv($i, self::COARSE);
            $from = $rough->firsts[$row] * self::COARSE;
            $to = $rough->lasts[$row] * self::COARSE + self::COARSE - 1;
            // Where the rough path runs straight on, the fine one does too.
            if ($rough->lasts[$row] === $rough->firsts[$row]) {
                $from += $i % self::COARSE;
                $to = $from;
            }
            // Neither end may fall, and every row must touch the one before.
            $from = $i === 0 ? 0 : min(max($low, $from - self::RADIUS), $high + 1, $last);
            $to = $i === $count - 1 ? $last : max($from, $high, min($last, $to + self::RADIUS));
            $band[] = [$from, $to];
            [$low, $high] = [$from, $to];
        }

        return $band;
    }
}
