<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use RapidReel\Plan\Cut\CutSummary;

/** The one axis of seconds that all shorts of a table share. Places are thousandths of it. */
final readonly class Axis
{
    private function __construct(private int $ms)
    {
    }

    /** @param  list<CutSummary>  $summaries */
    public static function over(array $summaries): self
    {
        $longest = 60_000;
        foreach ($summaries as $summary) {
            $longest = max($longest, $summary->wholeMs(), $summary->limits->length->longestMs ?? 0);
        }

        // Room for the name of the last mark.
        return new self((int) ($longest * 1.06));
    }

    public function at(int $ms): int
    {
        return (int) round(1000 * $ms / $this->ms);
    }

    /** @return list<array{at: float, says: string}> */
    public function marks(): array
    {
        $step = $this->ms > 130_000 ? 30 : 15;
        $marks = [];
        for ($seconds = $step; $seconds * 1000 <= $this->ms; $seconds += $step) {
            $marks[] = ['at' => $this->at($seconds * 1000) / 10, 'says' => "$seconds s"];
        }

        return $marks;
    }
}
