<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Pace;

use RapidReel\Base\Refusal;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\CutWord;
use RapidReel\Voice\Speech\WordTiming;

/**
 * The rhythm of a short in numbers: how long it and its hook are, how fast it is spoken, how often pictures change, how
 * much of it is silent. Times in ms of the short.
 */
final readonly class PaceReport
{
    /** A silence that is shorter is not heard as one. */
    public const LEAST_SILENCE_MS = 80;

    /** Words a second are counted in a window of so many ms, moved on by a part of it. */
    private const WINDOW_MS = 3_000;

    private const STEP_MS = 1_000;

    /** @var list<array{int, int}> from and until */
    public array $silences;

    /** @var list<array{int, int}> from and until */
    public array $shots;

    /**
     * @param  list<WordTiming>  $words
     * @param  list<string>  $pictures  ids, one a shot; none where there are no pictures yet
     */
    private function __construct(
        public CutSummary $summary,
        private array $words,
        public array $pictures,
    ) {
        $edges = [
            ...array_column($summary->scenes, 0), ...$summary->changesMs, $summary->times->durationMs,
        ];
        sort($edges);
        $shots = [];
        foreach (array_slice($edges, 1) as $i => $end) {
            $shots[] = [$edges[$i], $end];
        }
        $this->shots = $shots;
        $this->silences = self::silent($words, $summary->times->durationMs);
    }

    /**
     * @param  CutSummary  $summary  of the same cut
     */
    public static function of(Cut $cut, CutSummary $summary): self
    {
        return new self(
            $summary,
            array_map(static fn (CutWord $word): WordTiming => $word->timing, $cut->words),
            array_merge([], ...array_map(
                static fn (CutScene $scene): array => array_map(
                    static fn (CutShot $shot): string => $shot->source->footage,
                    $scene->shots,
                ),
                $cut->scenes,
            )),
        );
    }

    public function longestShotMs(): int
    {
        return max(0, ...array_map(static fn (array $shot): int => $shot[1] - $shot[0], $this->shots));
    }

    /** 0…1 */
    public function silenceShare(): float
    {
        $silent = array_sum(array_map(static fn (array $one): int => $one[1] - $one[0], $this->silences));

        return $silent / max(1, $this->summary->times->durationMs);
    }

    /** How many shots show a picture that was shown before. */
    public function picturesRepeated(): int
    {
        return count($this->pictures) - count(array_unique($this->pictures));
    }

    /** Words a second while somebody speaks and breathes, from the first word to the last. */
    public function wordsASecond(): float
    {
        $last = $this->words[count($this->words) - 1] ?? null;

        return $last === null ? 0.0 : count($this->words) * 1000 / max(1, $last->endMs - $this->words[0]->startMs);
    }

    /** @return list<array{int, float}> moment, and words a second around it */
    public function rates(): array
    {
        $rates = [];
        for ($ms = 0; $ms <= $this->summary->times->durationMs; $ms += self::STEP_MS) {
            $from = max(0, $ms - intdiv(self::WINDOW_MS, 2));
            $until = min($this->summary->times->durationMs, $ms + intdiv(self::WINDOW_MS, 2));
            $said = array_filter($this->words, static function (WordTiming $word) use ($from, $until): bool {
                $middle = intdiv($word->startMs + $word->endMs, 2);

                return $middle >= $from && $middle < $until;
            });
            $rates[] = [$ms, round(count($said) * 1000 / max(1, $until - $from), 2)];
        }

        return $rates;
    }

    /** @return list<PaceMeasure> with what is common practice beside each */
    public function measures(): array
    {
        $length = $this->summary->limits->length;

        return [
            new PaceMeasure('Length', 'duration_ms', $this->summary->wholeMs() / 1000, 's',
                $length->shortestMs / 1000, $length->longestMs === null ? null : $length->longestMs / 1000),
            new PaceMeasure('Hook', 'hook_ms', $this->summary->hookOutMs() / 1000, 's', null,
                $length->hookWindowMs / 1000),
            new PaceMeasure('Speech', 'words_a_second', round($this->wordsASecond(), 2), 'words/s', 2.5, 3.3),
            new PaceMeasure('Mean shot', 'mean_shot_ms', $this->summary->meanShotMs() / 1000, 's', 1.8, 3.2),
            new PaceMeasure('Longest shot', 'longest_shot_ms', $this->longestShotMs() / 1000, 's', null,
                PaceFindings::LONG_SHOT_MS / 1000),
            new PaceMeasure('Silence', 'silence_share', round(100 * $this->silenceShare(), 1), '%', null,
                100 * PaceFindings::SILENT_SHARE),
            new PaceMeasure('Pictures repeated', 'pictures_repeated', $this->picturesRepeated(), '', null, 0.0),
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function toArray(): array
    {
        $span = static fn (array $one): array => ['start_ms' => $one[0], 'end_ms' => $one[1]];

        return [
            'duration_ms' => $this->summary->wholeMs(),
            'hook_ms' => $this->summary->hookOutMs(),
            'words_a_second' => round($this->wordsASecond(), 2),
            'mean_shot_ms' => $this->summary->meanShotMs(),
            'longest_shot_ms' => $this->longestShotMs(),
            'silence_share' => round($this->silenceShare(), 4),
            'pictures_repeated' => $this->picturesRepeated(),
            'practice' => array_map(static fn (PaceMeasure $one): array => $one->toArray(), $this->measures()),
            'shots' => array_map($span, $this->shots),
            'rates' => array_map(
                static fn (array $rate): array => ['ms' => $rate[0], 'words_a_second' => $rate[1]],
                $this->rates(),
            ),
            'silences' => array_map($span, $this->silences),
            'flags' => array_map(
                static fn (PaceFinding $finding): array => $finding->toArray(),
                PaceFindings::of($this),
            ),
        ];
    }

    /** The number of the scene that a moment is in. */
    public function sceneAt(int $ms): int
    {
        foreach ($this->summary->scenes as $number => [, $end]) {
            if ($ms < $end) {
                return $number;
            }
        }

        return max(0, count($this->summary->scenes) - 1);
    }

    /**
     * @param  list<WordTiming>  $words
     * @return list<array{int, int}>
     */
    private static function silent(array $words, int $durationMs): array
    {
        $silences = [];
        $at = 0;
        foreach ($words as $word) {
            if ($word->startMs - $at >= self::LEAST_SILENCE_MS) {
                $silences[] = [$at, $word->startMs];
            }
            $at = max($at, $word->endMs);
        }
        if ($durationMs - $at >= self::LEAST_SILENCE_MS) {
            $silences[] = [$at, $durationMs];
        }

        return $silences;
    }
}
