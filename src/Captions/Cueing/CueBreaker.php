<?php

declare(strict_types=1);

namespace RapidReel\Captions\Cueing;

use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Captions\Typesetting\BreakCosts;
use RapidReel\Captions\Typesetting\Joints;
use RapidReel\Voice\Speech\WordTiming;

/**
 * Which words stand together in a caption: of all ways to break a run of words the one of least cost over the whole,
 * found by dynamic programming.
 */
final readonly class CueBreaker
{
    /** Of every caption: few long ones are calmer than many short ones. */
    private const EACH = 2.0;

    /** Of a whole line that is left empty: grows with the square of what is missing. */
    private const EMPTY = 3.0;

    /** Of a single short word alone. */
    private const LONE = 6.0;

    /** Of a sentence, a phrase or a pause that ends inside a caption. */
    private const SENTENCE_INSIDE = 14.0;

    private const PHRASE_INSIDE = 4.0;

    private const PAUSE_INSIDE = 12.0;

    /** Of one that is on screen for no time at all. */
    private const HASTE = 10.0;

    private const SHORT_WORD = 3;

    public function __construct(
        private CaptionStyle $style,
        private BreakCosts $costs,
    ) {
    }

    /**
     * @param  list<WordTiming>  $words  that follow on each other
     * @return list<array{int, int}> from which word, up to which
     */
    public function cues(array $words): array
    {
        $count = count($words);
        if ($count === 0) {
            return [];
        }
        $texts = array_map(static fn (WordTiming $word): string => $word->text, $words);
        $after = $this->costs->after($texts);
        $letters = array_map(mb_strlen(...), $texts);
        $best = [0 => 0.0];
        $from = [];
        for ($end = 1; $end <= $count; $end++) {
            $best[$end] = INF;
            $long = -1;
            $inside = 0.0;
            for ($start = $end - 1; $start >= 0 && $end - $start <= $this->style->cues->words; $start--) {
                $long += $letters[$start] + 1;
                if ($long > $this->style->cues->letters && $start < $end - 1) {
                    break;
                }
                if ($start < $end - 1) {
                    $inside += $this->inside($words, $start);
                }
                $cost = $best[$start] + $after[$end - 1] + $inside + $this->alone($words, $start, $end, $long);
                // Of two alike the longer begins earlier.
                if ($cost <= $best[$end]) {
                    $best[$end] = $cost;
                    $from[$end] = $start;
                }
            }
        }
        $cues = [];
        for ($end = $count; $end > 0; $end = $from[$end]) {
            array_unshift($cues, [$from[$end], $end]);
        }

        return $cues;
    }

    /**
     * What it costs that a caption goes on after a word.
     *
     * @param  list<WordTiming>  $words
     */
    private function inside(array $words, int $at): float
    {
        $cost = match (true) {
            BreakCosts::endsSentence($words[$at]->text) => self::SENTENCE_INSIDE,
            BreakCosts::endsPhrase($words[$at]->text) => self::PHRASE_INSIDE,
            default => 0.0,
        };

        $pauseMs = $words[$at + 1]->startMs - $words[$at]->endMs;

        return $cost + ($pauseMs > $this->style->cues->hold ? self::PAUSE_INSIDE : 0.0);
    }

    /**
     * What a caption costs by itself.
     *
     * @param  list<WordTiming>  $words
     */
    private function alone(array $words, int $start, int $end, int $letters): float
    {
        $missing = max(0, $this->style->cues->letters - $letters) / $this->style->cues->letters;
        $cost = self::EACH + self::EMPTY * $missing * $missing;
        if ($end - $start === 1 && $this->style->cues->words > 1
            && mb_strlen(Joints::bare($words[$start]->text)) <= self::SHORT_WORD) {
            $cost += self::LONE;
        }
        $until = $words[$end]->startMs ?? $words[$end - 1]->endMs + $this->style->cues->hold;
        $shown = $until - $words[$start]->startMs;
        if ($shown < $this->style->cues->shortest && count($words) > 1) {
            $cost += self::HASTE * (1 - max(0, $shown) / $this->style->cues->shortest);
        }

        return $cost;
    }
}
