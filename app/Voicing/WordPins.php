<?php

declare(strict_types=1);

namespace App\Voicing;

use App\Jobs\PlanShort;
use App\Media\TakeStore;
use App\Models\Reading;
use App\Scripts\ShortWriter;
use App\Shorts\ProblemForOperator;
use Illuminate\Support\Facades\DB;
use RapidReel\Voice\WordTiming;

/** Lets the operator say where a word of a reading begins. */
final readonly class WordPins
{
    private const SHORTEST_WORD_MS = 20;

    public function __construct(
        private TakeStore $takes,
        private ShortWriter $writer,
    ) {
    }

    public function pin(Reading $reading, int $number, int $ms): void
    {
        $words = $reading->words;
        $take = $this->takes->kept($reading->take);
        if (! isset($words[$number]) || $take === null) {
            throw new ProblemForOperator('This word is no longer there. Load the page again.');
        }
        $from = $number > 0 ? $words[$number - 1]['start_ms'] + self::SHORTEST_WORD_MS : 0;
        $until = ($words[$number + 1]['start_ms'] ?? $take->durationMs) - self::SHORTEST_WORD_MS;
        $ms = max($from, min($until, $ms));
        // The word before ends where this one begins, if it reached so far or they touched.
        if ($number > 0 && ($words[$number - 1]['end_ms'] > $ms || $words[$number - 1]['end_ms'] === $words[$number]['start_ms'])) {
            $words[$number - 1]['end_ms'] = $ms;
        }
        $words[$number] = [...$words[$number], 'start_ms' => $ms, 'end_ms' => max($words[$number]['end_ms'], $ms + self::SHORTEST_WORD_MS), 'doubt' => 'none', 'pinned' => true];
        $timings = array_map(static fn (array $word): WordTiming => new WordTiming($word['text'], $word['start_ms'], $word['end_ms']), array_values($words));
        if ($timings === []) {
            return;
        }
        $key = $this->takes->keep($this->takes->sound($reading->take), $timings)->key;
        DB::transaction(function () use ($reading, $key, $words): void {
            $reading->update(['take' => $key, 'words' => array_values($words)]);
            if ($reading->accepted) {
                $this->writer->settle($reading->short->batch, [$reading->short->unsetRelation('readings')]);
            }
        });
        if ($reading->accepted) {
            PlanShort::dispatch($reading->short_id);
        }
    }
}
