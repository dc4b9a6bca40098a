<?php

declare(strict_types=1);

namespace RapidReel\Align;

use RapidReel\Voice\Pcm;
use RapidReel\Voice\WordTiming;

/**
 * Finds when the words of a known text are spoken in a recording, by warping it onto a synthetic reference whose word
 * times are known: roughly over everything at first, then finely near that.
 */
final readonly class Aligner
{
    /** Frames (10 ms) that are one in the rough comparison. */
    private const COARSE = 8;

    /** The same for recordings of less than 20 s, which give less to go by. */
    private const COARSE_IF_SHORT = 4;

    private const SHORT = 2_000;

    /**
     * Distance to the reference over that to the same backwards: from here on it is another text (from trying).
     */
    private const ANOTHER_TEXT = 0.95;

    private const ANOTHER_TEXT_IF_SHORT = 0.92;

    /** A reference that is nearer than this needs no second one beside it. */
    private const NEAR = 0.86;

    /** How far the recording may run ahead of or behind the reference, in ms. */
    private const ROAM_MS = 20_000;

    /** How far, in fine frames, the fine path may leave the rough one. */
    private const RADIUS = 22;

    public function __construct(private Cepstra $cepstra = new Cepstra)
    {
    }

    /**
     * @param  Pcm  $recording  at any rate
     * @param  Pcm  $reference  of the same text, at any rate
     * @param  non-empty-list<WordTiming>  $words  of the text, with their times in the reference
     * @param  (callable(): array{sound: Pcm, words: non-empty-list<WordTiming>})|null  $other  by another voice,
     *     for a short recording that is far from the first
     *
     * @throws NotAlignable when there is no speech in the recording
     */
    public function align(Pcm $recording, Pcm $reference, array $words, ?callable $other = null): Alignment
    {
        $heard = SpeechFeatures::of(Resampler::to($recording, Cepstra::RATE), $this->cepstra);
        if (! $heard->levels->holdsSpeech() || $heard->count() < 3) {
            throw NotAlignable::noSpeech();
        }
        $isShort = $heard->count() < self::SHORT;
        [$read, $rough, $likeness] = $this->compared($reference, $heard, $isShort);
        if ($other !== null && $isShort && $likeness > self::NEAR) {
            ['sound' => $second, 'words' => $secondWords] = $other();
            [$otherRead, $otherRough, $otherLikeness] = $this->compared($second, $heard, $isShort);
            if ($otherLikeness < $likeness) {
                [$read, $rough, $likeness, $words] = [$otherRead, $otherRough, $otherLikeness, $secondWords];
            }
        }
        $band = $this->narrowBand(
            $rough,
            $isShort ? self::COARSE_IF_SHORT : self::COARSE,
            $read->count(),
            $heard->count(),
        );
        $path = Warp::path($read->values, $heard->values, SpeechFeatures::SIZE, $band);

        return (new PathReader($read, $heard, $path))->words(
            $words,
            $recording->durationMs(),
            $likeness < ($isShort ? self::ANOTHER_TEXT_IF_SHORT : self::ANOTHER_TEXT),
        );
    }

    /**
     * @return array{SpeechFeatures, WarpPath, float} a reference with the rough path to it, and how like it the
     *                                                recording is
     */
    private function compared(Pcm $reference, SpeechFeatures $heard, bool $isShort): array
    {
        $read = SpeechFeatures::of(Resampler::to($reference, Cepstra::RATE), $this->cepstra);
        if ($read->count() < 3) {
            throw NotAlignable::noReference();
        }
        $size = Cepstra::COEFFICIENTS;
        $step = $isShort ? self::COARSE_IF_SHORT : self::COARSE;
        [$a, $b] = [$read->coarse($step), $heard->coarse($step)];
        $wide = $this->wideBand(
            intdiv(count($a), $size),
            intdiv(count($b), $size),
            intdiv(self::ROAM_MS, $step * Cepstra::HOP_MS),
        );
        $rough = Warp::path($a, $b, $size, $wide);
        $backwards = Warp::path(array_merge(...array_reverse(array_chunk($a, $size))), $b, $size, $wide);

        return [$read, $rough, $rough->mean() / max(1e-6, $backwards->mean())];
    }

    /** @return list<array{int, int}> all that is not too far from the straight way */
    private function wideBand(int $rows, int $columns, int $roam): array
    {
        $wide = [];
        for ($i = 0; $i < $rows; $i++) {
            $middle = (int) round(($i * ($columns - 1)) / max(1, $rows - 1));
            $wide[] = [
                max(0, $i === 0 ? 0 : $middle - $roam),
                min($columns - 1, $i === $rows - 1 ? $columns - 1 : $middle + $roam),
            ];
        }

        return $wide;
    }

    /** @return list<array{int, int}> what is near a rough path */
    private function narrowBand(WarpPath $rough, int $step, int $count, int $columns): array
    {
        $last = $columns - 1;
        $band = [];
        [$low, $high] = [0, 0];
        for ($i = 0; $i < $count; $i++) {
            $row = intdiv($i, $step);
            $from = $rough->firsts[$row] * $step;
            $to = $rough->lasts[$row] * $step + $step - 1;
            // Where the rough path runs straight on, the fine one does too.
            if ($rough->lasts[$row] === $rough->firsts[$row]) {
                $from += $i % $step;
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
