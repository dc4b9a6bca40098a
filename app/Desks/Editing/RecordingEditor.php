<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Makers\Voicing\TakeStore;
use App\Media\Audio\TakeFiles;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Voice\Speech\WordTiming;

/** Lets the operator use what was found in recordings, drop it, and say where its words begin. */
final readonly class RecordingEditor
{
    private const SHORTEST_WORD_MS = 20;

    public function __construct(
        private EditBook $edits,
        private TakeStore $takes,
        private TakeFiles $files,
    ) {
    }

    /**
     * @param  non-empty-list<Reading>  $readings  of one short
     *
     * @throws Refusal
     */
    public function accept(array $readings): void
    {
        $this->change(
            $readings[0]->short,
            count($readings) === 1 ? 'used a recording' : 'used recordings',
            static function () use ($readings): void {
                foreach ($readings as $reading) {
                    Reading::query()
                        ->where('short_id', $reading->short_id)
                        ->where('text', $reading->text)
                        ->whereKeyNot($reading->id)
                        ->where(static fn ($query) => $query->where('accepted', true)->orWhere('dropped', false))
                        ->update(['accepted' => false, 'dropped' => true]);
                    $reading->update(['accepted' => true, 'dropped' => false]);
                }
            },
        );
    }

    /**
     * An offered one goes; where it was used, the narrator speaks again.
     *
     * @throws Refusal
     */
    public function drop(Reading $reading): void
    {
        $this->change(
            $reading->short,
            'dropped a recording',
            static function () use ($reading): void {
                $reading->update(['accepted' => false, 'dropped' => true]);
            },
        );
    }

    /**
     * Says where a word of a reading begins, as far as its neighbours leave room.
     *
     * @throws Refusal
     */
    public function pin(Reading $reading, int $number, int $ms): void
    {
        $words = $reading->words;
        $take = $this->files->kept($reading->take);
        if (! isset($words[$number]) || $take === null) {
            throw new Refusal('This word is no longer there. Reload the page.');
        }
        $from = $number > 0 ? $words[$number - 1]['start_ms'] + self::SHORTEST_WORD_MS : 0;
        $until = ($words[$number + 1]['start_ms'] ?? $take->durationMs) - self::SHORTEST_WORD_MS;
        $ms = max($from, min($until, $ms));
        // The word before ends where this one begins, if it reached so far or they touched.
        if (
            $number > 0 &&
            ($words[$number - 1]['end_ms'] > $ms || $words[$number - 1]['end_ms'] === $words[$number]['start_ms'])
        ) {
            $words[$number - 1]['end_ms'] = $ms;
        }
        $words[$number] = [
            ...$words[$number],
            'start_ms' => $ms,
            'end_ms' => max($words[$number]['end_ms'], $ms + self::SHORTEST_WORD_MS),
            'doubt' => 'none',
            'pinned' => true,
        ];
        $timings = array_map(
            static fn (array $word): WordTiming => new WordTiming($word['text'], $word['start_ms'], $word['end_ms']),
            array_values($words),
        );
        if ($timings === []) {
            return;
        }
        $key = $this->takes->keep($this->files->sound($reading->take), $timings)->key;
        $this->change(
            $reading->short,
            'pinned a word',
            static function () use ($reading, $key, $words): void {
                $reading->update(['take' => $key, 'words' => array_values($words)]);
            },
        );
    }

    /**
     * @param  callable(): void  $change
     *
     * @throws Refusal
     */
    private function change(Short $short, string $what, callable $change): void
    {
        $this->edits->change($short->batch, $what, [$short], $change);
    }
}
