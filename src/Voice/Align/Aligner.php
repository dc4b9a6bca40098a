<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

use Generator;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\WordTiming;

/**
 * Finds when the words of a known text are spoken in a recording, by warping it onto a synthetic reference whose word
 * times are known: roughly over everything at first, then finely near that. References by several voices agree on more
 * than one knows.
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

    /** How far, in fine frames, the fine path may leave the rough one, or where another reader has found the words. */
    private const RADIUS = 40;

    /** The same, of the path with all frames around that with every other. */
    private const RADIUS_FINE = 4;

    public function __construct(private Cepstra $cepstra = new Cepstra)
    {
    }

    /**
     * @param  Pcm  $recording  at any rate
     * @param  iterable<Reference>  $references  of the same text, by different voices, one at least. The first guides:
     *     the others are held against the recording near where it found their words; for a short recording that is far
     *     from the first, the second guides if that is nearer.
     *
     * @throws NotAlignable when there is no speech in the recording
     */
    public function align(Pcm $recording, iterable $references): Alignment
    {
        $heard = SpeechFeatures::of(Resampler::to($recording, Cepstra::RATE), $this->cepstra);
        if (! $heard->levels->holdsSpeech() || $heard->count() < 3) {
            throw NotAlignable::noSpeech();
        }
        $isShort = $heard->count() < self::SHORT;
        $readers = (static fn (): Generator => yield from $references)();
        if (! $readers->valid()) {
            throw NotAlignable::noReference();
        }
        $guide = $this->compared($readers->current(), $heard, $isShort);
        $readers->next();
        $others = [];
        if ($isShort && $guide[2] > self::NEAR && $readers->valid()) {
            $second = $this->compared($readers->current(), $heard, $isShort);
            $readers->next();
            [$guide, $other] = $second[2] < $guide[2] ? [$second, $guide] : [$guide, $second];
            $others[] = [$other[0], $other[3]];
        }
        $found = $this->guided($guide, $heard, $isShort, $recording->durationMs());
        // It is as large as the recording, and done with.
        unset($guide);
        $alignments = [$found];
        foreach ($others as [$read, $words]) {
            $alignments[] = $this->beside($read, $words, $heard, $found);
        }
        for (; $readers->valid(); $readers->next()) {
            $reference = $readers->current();
            $read = SpeechFeatures::of(Resampler::to($reference->sound, Cepstra::RATE), $this->cepstra);
            $alignments[] = $this->beside($read, $reference->words, $heard, $found);
        }

        return Consensus::of($alignments);
    }

    /**
     * @param  array{SpeechFeatures, WarpPath, float, non-empty-list<WordTiming>}  $guide
     */
    private function guided(array $guide, SpeechFeatures $heard, bool $isShort, int $durationMs): Alignment
    {
        [$read, $rough, $likeness, $words] = $guide;
        $band = $this->narrowBand(
            $rough,
            $isShort ? self::COARSE_IF_SHORT : self::COARSE,
            $read->count(),
            $heard->count(),
            self::RADIUS,
        );
        [$read, $path] = $this->path($read, $heard, $band);

        return (new PathReader($read, $heard, $path))->words(
            $words,
            $durationMs,
            $likeness < ($isShort ? self::ANOTHER_TEXT_IF_SHORT : self::ANOTHER_TEXT),
        );
    }

    /**
     * By another reader, near where its words were found by the first.
     *
     * @param  non-empty-list<WordTiming>  $words  with their times in what it read
     */
    private function beside(SpeechFeatures $read, array $words, SpeechFeatures $heard, Alignment $found): Alignment
    {
        if ($read->count() < 3) {
            return $found;
        }
        $last = $heard->count() - 1;
        $places = [[0, 0]];
        foreach ($words as $i => $word) {
            foreach ([
                [$word->startMs, $found->words[$i]->timing->startMs],
                [$word->endMs, $found->words[$i]->timing->endMs],
            ] as [$from, $to]) {
                $row = $read->frameAt($from);
                $column = $heard->frameAt($to);
                [$lastRow, $lastColumn] = $places[count($places) - 1];
                if ($row > $lastRow && $column >= $lastColumn) {
                    $places[] = [$row, $column];
                }
            }
        }
        $places[] = [$read->count(), $last];
        $band = [];
        [$low, $high] = [0, 0];
        $place = 0;
        for ($i = 0, $count = $read->count(); $i < $count; $i++) {
            while ($places[$place + 1][0] <= $i && $place + 2 < count($places)) {
                $place++;
            }
            [$row, $column] = $places[$place];
            [$nextRow, $nextColumn] = $places[$place + 1];
            $middle = $column + (int) (($nextColumn - $column) * ($i - $row) / max(1, $nextRow - $row));
            $from = $i === 0 ? 0 : min(max($low, $middle - self::RADIUS), $high + 1, $last);
            $to = $i === $count - 1 ? $last : max($from, $high, min($last, $middle + self::RADIUS));
            $band[] = [$from, $to];
            [$low, $high] = [$from, $to];
        }
        [$read, $path] = $this->path($read, $heard, $band);

        return (new PathReader($read, $heard, $path))->words($words, $found->durationMs, $found->isOfThisText);
    }

    /**
     * The path within a band: with every other frame at first, once more with what is read as the one who is heard
     * would say it, and near that with all of them.
     *
     * @param  list<array{int, int}>  $band
     * @return array{SpeechFeatures, WarpPath} as that, and the path
     */
    private function path(SpeechFeatures $read, SpeechFeatures $heard, array $band): array
    {
        $half = [];
        for ($row = 0, $count = count($band); $row < $count; $row += 2) {
            $half[] = [intdiv($band[$row][0], 2), intdiv($band[min($count - 1, $row + 1)][1], 2)];
        }
        $own = $read->halved();
        $others = $heard->halved();
        $rough = Warp::path($own, $others, SpeechFeatures::SIZE, $half);
        $read = $read->adapted($rough, $own, $others);
        $rough = Warp::path($read->halved(), $others, SpeechFeatures::SIZE, $half);
        $fine = $this->narrowBand($rough, 2, $read->count(), $heard->count(), self::RADIUS_FINE);

        return [$read, Warp::path($read->values, $heard->values, SpeechFeatures::SIZE, $fine)];
    }

    /**
     * @return array{SpeechFeatures, WarpPath, float, non-empty-list<WordTiming>} a reference with the rough path to it,
     *     how like it the recording is, and its words
     *
     * @throws NotAlignable
     */
    private function compared(Reference $reference, SpeechFeatures $heard, bool $isShort): array
    {
        $read = SpeechFeatures::of(Resampler::to($reference->sound, Cepstra::RATE), $this->cepstra);
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

        return [$read, $rough, $rough->mean() / max(1e-6, $backwards->mean()), $reference->words];
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
    private function narrowBand(WarpPath $rough, int $step, int $count, int $columns, int $radius): array
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
            $from = $i === 0 ? 0 : min(max($low, $from - $radius), $high + 1, $last);
            $to = $i === $count - 1 ? $last : max($from, $high, min($last, $to + $radius));
            $band[] = [$from, $to];
            [$low, $high] = [$from, $to];
        }

        return $band;
    }
}
