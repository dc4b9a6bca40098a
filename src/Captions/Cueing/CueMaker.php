<?php

declare(strict_types=1);

namespace RapidReel\Captions\Cueing;

use RapidReel\Base\Target\Frame;
use RapidReel\Base\Typeface\TypefaceSet;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cue\CueSource;
use RapidReel\Captions\Cue\CueWord;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Marks\CueMark;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Captions\Typesetting\BreakCosts;
use RapidReel\Captions\Typesetting\Joints;
use RapidReel\Captions\Typesetting\Setter;
use RapidReel\Voice\Speech\WordTiming;

/**
 * Makes the captions of a short, scene by scene. What an operator made stays; the words between are grouped anew. What
 * is found never outlasts its shot, so that caption and picture change together.
 */
final class CueMaker
{
    private readonly Emphasis $emphasis;

    private readonly BreakCosts $anywhere;

    private readonly BreakCosts $atJoints;

    private int $lastEmojiMs = -60_000;

    /** @var array<string, Setter> by style */
    private array $setters = [];

    /** @param  list<string>  $all  every word of the short */
    public function __construct(
        private readonly TypefaceSet $faces,
        private readonly Frame $frame,
        private readonly string $language,
        array $all,
        private readonly EmojiBook $emoji,
    ) {
        $this->emphasis = Emphasis::of($all, $language);
        $joints = Joints::of($language);
        $this->atJoints = new BreakCosts($joints);
        $this->anywhere = new BreakCosts($joints, false);
    }

    /**
     * @param  list<WordTiming>  $words  of the scene, in ms of the short
     * @param  list<array{int, int}>  $shots  the word that each begins at, and when it ends
     * @param  int  $endMs  of the scene
     * @return list<Cue>
     */
    public function cues(
        int $scene,
        array $words,
        array $shots,
        int $endMs,
        CaptionMarks $marks,
        CaptionStyle $style,
    ): array {
        $ranges = $this->ranges($words, $shots, $endMs, $marks, $style);
        $times = $this->times($words, $ranges, $style);
        $isGrave = $this->emoji->isGrave(implode(' ', array_column($words, 'text')));
        $cues = [];
        foreach ($ranges as $i => [$first, $end, , $mark]) {
            $shown = $this->shown($words, $first, $end, $mark, $marks, $style, $isGrave);
            $cues[] = new Cue(
                $times[$i][0],
                $times[$i][1],
                $shown,
                $this->setter($style)->set($shown, $mark->lines ?? []),
                $style,
                new CueSource($scene, $first, $end - $first, $mark !== null),
            );
        }

        return $cues;
    }

    /**
     * The words of each caption: first, one past the last, when it must end, and what an operator made of it.
     *
     * @param  list<WordTiming>  $words
     * @param  list<array{int, int}>  $shots
     * @return list<array{int, int, int, CueMark|null}>
     */
    private function ranges(array $words, array $shots, int $endMs, CaptionMarks $marks, CaptionStyle $style): array
    {
        $count = count($words);
        $breaker = new CueBreaker($style, $this->costs($style));
        $ranges = [];
        $free = static fn (int $from, int $until, int $ends): array => array_map(
            static fn (array $cue): array => [$from + $cue[0], $from + $cue[1], $ends, null],
            $breaker->cues(array_slice($words, $from, $until - $from)),
        );
        $at = 0;
        $shot = 0;
        while ($at < $count) {
            while (isset($shots[$shot + 1]) && $shots[$shot + 1][0] <= $at) {
                $shot++;
            }
            $mark = $marks->over($at);
            if ($mark !== null) {
                $until = min($count, max($at + 1, $mark->end()));
                $ranges[] = [$at, $until, $endMs, $mark];
                $at = $until;

                continue;
            }
            $until = min($count, $shots[$shot + 1][0] ?? $count);
            for ($next = $at; $next < $until && $marks->over($next) === null; $next++);
            array_push($ranges, ...$free($at, $next, $shots[$shot][1] ?? $endMs));
            $at = $next;
        }

        return $ranges;
    }

    /**
     * @param  list<WordTiming>  $words
     * @param  list<array{int, int, int, CueMark|null}>  $ranges
     * @return list<array{int, int}> from when, until when
     */
    private function times(array $words, array $ranges, CaptionStyle $style): array
    {
        $grid = $this->frame->grid();
        $nudged = static fn (int $ms, int $frames): int => $frames === 0
            ? $ms
            : $grid->msOf(max(0, $grid->frameOf($ms) + $frames));
        $frame = $grid->msOf(1) + 1;
        $starts = [];
        foreach ($ranges as $i => [$first, $end, , $mark]) {
            $start = $nudged($words[$first]->startMs, $mark->from ?? 0);
            // It begins after the one before it and while its words are still said.
            $start = min($start, max($words[$first]->startMs, $words[$end - 1]->endMs - $frame));
            $starts[] = $i === 0 ? $start : max($start, $starts[$i - 1] + $frame);
        }
        $times = [];
        foreach ($ranges as $i => [, $end, $bound, $mark]) {
            $last = $words[$end - 1]->endMs;
            $next = min($starts[$i + 1] ?? $bound, max($bound, $last));
            $until = $next - $last <= $style->cues->hold ? max($last, $next) : $last + $style->cues->hold;
            $until = max($until, min($next, $starts[$i] + $style->cues->shortest));
            $until = $nudged($until, $mark->until ?? 0);
            $times[] = [$starts[$i], max($starts[$i] + $frame, min($until, $starts[$i + 1] ?? max($bound, $last)))];
        }

        return $times;
    }

    /**
     * @param  list<WordTiming>  $words
     * @return non-empty-list<CueWord>
     */
    private function shown(
        array $words,
        int $first,
        int $end,
        ?CueMark $mark,
        CaptionMarks $marks,
        CaptionStyle $style,
        bool $isGrave,
    ): array {
        $said = array_slice($words, $first, $end - $first);
        $texts = array_map(static fn (WordTiming $word): string => $word->text, $said);
        $others = $mark?->words() ?? [];
        $isOwn = $others === [] || count($others) === count($said);
        $timed = $others === [] ? $said : self::spread($others, $said);
        $isFirst = BreakCosts::endsSentence(($words[$first - 1] ?? null)->text ?? '.');
        $standing = $this->emphasis->standing($others === [] ? $texts : $others, $isFirst, $style->stress->rule());
        $shown = [];
        foreach ($timed as $i => $word) {
            $own = $isOwn ? $marks->word($first + $i) : null;
            $shown[] = new CueWord(
                $word->text,
                $word->startMs,
                $word->endMs,
                $isOwn ? $first + $i : null,
                $own->emphasis ?? $standing[$i],
                $own->emoji ?? $this->emojiAfter($word, $style, $isGrave),
            );
        }

        return $shown === [] ? [new CueWord('…', $words[$first]->startMs, $words[$first]->endMs, $first)] : $shown;
    }

    /** At most one every few seconds. */
    private function emojiAfter(WordTiming $word, CaptionStyle $style, bool $isGrave): string
    {
        if ($style->stress->emoji !== 'on' || $isGrave
            || $word->startMs - $this->lastEmojiMs < 1000 * $style->stress->emojiEvery) {
            return '';
        }
        $emoji = $this->emoji->of($word->text);
        if ($emoji !== '') {
            $this->lastEmojiMs = $word->startMs;
        }

        return $emoji;
    }

    /**
     * Other words in the time of those that are said: one for one where there are as many, else by their length.
     *
     * @param  list<string>  $others
     * @param  list<WordTiming>  $said
     * @return list<WordTiming>
     */
    private static function spread(array $others, array $said): array
    {
        if (count($others) === count($said)) {
            return array_map(
                static fn (string $text, WordTiming $word): WordTiming => new WordTiming(
                    $text, $word->startMs, $word->endMs,
                ),
                $others,
                $said,
            );
        }
        [$start, $end] = [$said[0]->startMs, $said[count($said) - 1]->endMs];
        $whole = max(1, mb_strlen(implode('', $others)));
        $spread = [];
        $letters = 0;
        foreach ($others as $text) {
            $from = $start + intdiv(($end - $start) * $letters, $whole);
            $letters += mb_strlen($text);
            $spread[] = new WordTiming($text, $from, $start + intdiv(($end - $start) * $letters, $whole));
        }

        return $spread;
    }

    private function costs(CaptionStyle $style): BreakCosts
    {
        return $style->cues->joints === 'before' ? $this->atJoints : $this->anywhere;
    }

    private function setter(CaptionStyle $style): Setter
    {
        return $this->setters[serialize($style->toArray())] ??= new Setter(
            $this->faces,
            $this->frame,
            $style,
            $this->costs($style),
            $this->language,
        );
    }
}
