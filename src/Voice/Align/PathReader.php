<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

use RapidReel\Voice\Speech\WordTiming;

/** Reads the times of words off a path between a reference and a recording. */
final readonly class PathReader
{
    /**
     * A word that has less than this share of the time it should have seems to be left out: of words that are there,
     * one in a hundred has (from trying).
     */
    private const LEFT_OUT = 0.5;

    /** A word that is this many times farther from the reference than the rest is in doubt. */
    private const UNCLEAR = 1.45;

    private const PAUSE_MS = 80;

    /** Between loud and quiet, in a quiet room */
    private const CLEAR_DB = 30.0;

    /** A word that takes so many times its time, and this much more, holds something else too. */
    private const DRAWN_OUT = 1.6;

    private const DRAWN_OUT_MS = 60;

    /** So many frames of speech in one frame of the reference are no longer a drawn-out sound. */
    private const SWALLOWED = 25;

    private const FRAME_MS = Cepstra::HOP_MS;

    /** The middle of a frame's window */
    private const MIDDLE_MS = 12;

    public function __construct(
        private SpeechFeatures $read,
        private SpeechFeatures $heard,
        private WarpPath $path,
    ) {
    }

    /** @param  non-empty-list<WordTiming>  $words  with their times in the reference */
    public function words(array $words, int $durationMs, bool $isOfThisText): Alignment
    {
        $rows = $this->rows($words);
        $costs = [];
        $starts = [];
        $ends = [];
        foreach ($words as $i => $word) {
            $starts[] = $this->start($rows[$i][0], $word->startMs);
            $ends[] = $this->end($rows[$i][1], $word->endMs);
            $span = array_slice($this->path->distances, $rows[$i][0], $rows[$i][1] - $rows[$i][0] + 1);
            $costs[] = array_sum($span) / count($span);
        }
        $sorted = $costs;
        sort($sorted);
        $median = max(1e-6, $sorted[intdiv(count($sorted), 2)]);
        $pace = $this->pace();
        $aligned = [];
        $at = 0;
        foreach ($words as $i => $word) {
            $start = min($durationMs, max($at, $starts[$i]));
            $next = $starts[$i + 1] ?? $durationMs;
            $end = min($durationMs, max($start, min($ends[$i], max($start, $next))));
            [$start, $end] = $this->withoutQuiet($start, $end);
            $expected = ($word->endMs - $word->startMs) * $pace;
            $doubt = match (true) {
                $end - $start < self::LEFT_OUT * $expected => WordDoubt::Missing,
                $costs[$i] > self::UNCLEAR * $median,
                $end - $start > self::DRAWN_OUT * $expected + self::DRAWN_OUT_MS,
                $this->swallows($rows[$i]) => WordDoubt::Unclear,
                default => WordDoubt::None,
            };
            $aligned[] = new AlignedWord(new WordTiming($word->text, $start, $end), $costs[$i] / $median, $doubt);
            $at = $end;
        }

        return new Alignment($durationMs, $aligned, $isOfThisText);
    }

    /**
     * The first and the last frame of the reference that each word has.
     *
     * @param  non-empty-list<WordTiming>  $words
     * @return list<array{int, int}>
     */
    private function rows(array $words): array
    {
        $rows = [];
        $row = 0;
        $last = $this->read->count() - 1;
        foreach ($words as $word) {
            $first = (int) round(($word->startMs - self::MIDDLE_MS) / self::FRAME_MS);
            $end = max($first, (int) round(($word->endMs - self::MIDDLE_MS) / self::FRAME_MS) - 1);
            while ($row < $last && $this->read->frames[$row] < $first) {
                $row++;
            }
            $until = $row;
            while ($until < $last && $this->read->frames[$until + 1] <= $end) {
                $until++;
            }
            $rows[] = [$row, $until];
        }

        return $rows;
    }

    /**
     * Whether one frame of a word stands for a long stretch of speech: something is said there that is not in the text.
     *
     * @param  array{int, int}  $rows
     */
    private function swallows(array $rows): bool
    {
        for ($row = $rows[0]; $row <= $rows[1]; $row++) {
            $speaking = 0;
            for ($column = $this->path->firsts[$row]; $column <= $this->path->lasts[$row]; $column++) {
                $speaking += $this->speaks($column) ? 1 : 0;
            }
            if ($speaking > self::SWALLOWED) {
                return true;
            }
        }

        return false;
    }

    private function start(int $row, int $readMs): int
    {
        $column = $this->path->firsts[$row];
        $last = $this->path->lasts[$row];
        // A pause that the reference has not is no part of the word after it.
        while ($column < $last && ! $this->speaks($column)) {
            $column++;
        }
        $within = $readMs - $this->read->frames[$row] * self::FRAME_MS;

        return max(0, $this->heard->frames[$column] * self::FRAME_MS + min(max($within, 0), 2 * self::MIDDLE_MS));
    }

    private function end(int $row, int $readMs): int
    {
        $column = $this->path->lasts[$row];
        $first = $this->path->firsts[$row];
        while ($column > $first && ! $this->speaks($column)) {
            $column--;
        }
        $within = $readMs - $this->read->frames[$row] * self::FRAME_MS;

        return $this->heard->frames[$column] * self::FRAME_MS + min(max($within, self::FRAME_MS), 3 * self::FRAME_MS);
    }

    /**
     * A word without the silence at its ends, where that is long enough to be a pause and not a soft sound.
     *
     * @return array{int, int} ms
     */
    private function withoutQuiet(int $start, int $end): array
    {
        $speech = $this->heard->levels->speech;
        $first = $from = intdiv($start, self::FRAME_MS);
        $last = $until = intdiv(max($start, $end - 1), self::FRAME_MS);
        while ($from < $last && ! ($speech[$from] ?? false)) {
            $from++;
        }
        while ($until > $from && ! ($speech[$until] ?? false)) {
            $until--;
        }
        // Where nothing is heard at all, the word stays where it was.
        if ($from >= $until) {
            return [$start, $end];
        }

        // In a noisy room soft sounds are as quiet as the pauses.
        $pause =
            $this->heard->levels->loudDb - $this->heard->levels->quietDb > self::CLEAR_DB
                ? self::PAUSE_MS
                : 3 * self::PAUSE_MS;

        return [
            ($from - $first) * self::FRAME_MS >= $pause ? $from * self::FRAME_MS : $start,
            ($last - $until) * self::FRAME_MS >= $pause ? min($end, ($until + 1) * self::FRAME_MS) : $end,
        ];
    }

    private function speaks(int $column): bool
    {
        return $this->heard->levels->speech[$this->heard->frames[$column]] ?? false;
    }

    /** How much slower the recording is than the reference. */
    private function pace(): float
    {
        return $this->heard->count() / max(1, $this->read->count());
    }
}
