<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Subtitle\TimedCue;

/**
 * Words of scenes whose pictures carry no captions, as captions of files: whoever takes the file to an outlet has all
 * that is said, whatever is burned in.
 */
final class UnseenWords
{
    /** A line has at most so many letters (common practice in subtitles, no published source). */
    private const LETTERS = 42;

    /** After a pause another one begins. */
    private const PAUSE_MS = 700;

    /**
     * @param  int  $laterMs  added to their times
     * @return list<TimedCue> in the order of their times, none of a scene that has captions of its own
     */
    public static function of(Cut $cut, int $laterMs = 0): array
    {
        $seen = [];
        foreach ($cut->cues as $cue) {
            $seen[$cue->from->scene] = true;
        }
        $cues = [];
        $words = [];
        foreach ($cut->words as $word) {
            if (isset($seen[$word->scene])) {
                continue;
            }
            if ($words !== [] && ! self::belongs($words, $word, $laterMs)) {
                $cues[] = self::cue($words);
                $words = [];
            }
            $words[] = new CutWord($word->timing->shifted($laterMs), $word->scene);
        }

        return $words === [] ? $cues : [...$cues, self::cue($words)];
    }

    /** @param  non-empty-list<CutWord>  $words */
    private static function belongs(array $words, CutWord $next, int $laterMs): bool
    {
        $last = $words[count($words) - 1];
        $letters = array_sum(array_map(static fn (CutWord $one): int => mb_strlen($one->timing->text) + 1, $words));

        return $next->scene === $last->scene
            && $next->timing->startMs + $laterMs - $last->timing->endMs < self::PAUSE_MS
            && $letters + mb_strlen($next->timing->text) <= self::LETTERS
            && preg_match('/[.!?…]["”’»)]*$/u', $last->timing->text) !== 1;
    }

    /** @param  non-empty-list<CutWord>  $words */
    private static function cue(array $words): TimedCue
    {
        $spans = [];
        $last = count($words) - 1;
        foreach ($words as $i => $word) {
            $spans[] = [$word->timing->startMs, $word->timing->text.($i === $last ? '' : ' ')];
        }

        return new TimedCue(
            $words[0]->timing->startMs,
            $words[count($words) - 1]->timing->endMs,
            implode(' ', array_map(static fn (CutWord $one): string => $one->timing->text, $words)),
            $spans,
        );
    }
}
