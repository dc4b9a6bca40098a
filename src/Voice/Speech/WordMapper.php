<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

use RapidReel\Base\Language\ScriptWord;

/**
 * Brings a synthesiser's word marks back to the written words.
 *
 * A number gives several marks inside one written word, and a hyphenated word or two small ones run together ("to be")
 * give one for several: the first mark inside a word is its start, and a word without a mark shares the stretch of the
 * words before it, by length.
 */
final class WordMapper
{
    /**
     * @param  list<ScriptWord>  $words
     * @param  list<SynthEvent>  $events
     * @param  int  $durationMs  of the whole sound
     * @return list<int> start of every word in ms, never falling
     */
    public function starts(array $words, array $events, int $durationMs): array
    {
        $marks = $this->marks($words, $events);
        $count = count($words);
        $starts = [];
        for ($i = 0; $i < $count;) {
            $next = $i + 1;
            while ($next < $count && $marks[$next] === null) {
                $next++;
            }
            $from = $marks[$i] ?? 0;
            $until = $next < $count ? (int) $marks[$next] : $durationMs;
            $group = array_slice($words, $i, $next - $i);
            $characters = max(1, array_sum(array_map(static fn (ScriptWord $word): int => $word->length, $group)));
            $passed = 0;
            foreach ($group as $word) {
                $starts[] = $from + (int) round(($until - $from) * $passed / $characters);
                $passed += $word->length;
            }
            $i = $next;
        }

        return $starts;
    }

    /**
     * @param  list<ScriptWord>  $words
     * @param  list<SynthEvent>  $events
     * @return list<int|null>
     */
    private function marks(array $words, array $events): array
    {
        $marks = array_fill(0, count($words), null);
        $latest = 0;
        foreach ($events as $event) {
            foreach ($words as $i => $word) {
                $inside = $event->offset >= $word->offset && $event->offset < $word->offset + $word->length;
                if ($inside && $marks[$i] === null && $event->ms >= $latest) {
                    $marks[$i] = $event->ms;
                    $latest = $event->ms;
                }
            }
        }

        return $marks;
    }
}
