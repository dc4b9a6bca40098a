<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Target\Frame;
use RapidReel\Base\Typeface\TypefaceSet;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cueing\CueMaker;
use RapidReel\Captions\Cueing\EmojiBook;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Plan\Choice\SecondCaptions;
use RapidReel\Text\Translation\Version\TimesOver;
use RapidReel\Voice\Speech\WordTiming;

/**
 * Captions in a second language: sentence by sentence while it is said, in a line of their own beside those of what is
 * said. Both are moved into the safe area together.
 */
final class SecondCues
{
    /** Between the letters of both, in heights of a capital of the second. */
    private const GAP = 0.7;

    /** @var array<string, CueMaker> by language */
    private array $makers = [];

    /** @var list<array{cue: Cue, isAbove: bool}> */
    private array $found = [];

    /** @var list<string> */
    private array $words = [];

    public function __construct(private readonly TypefaceSet $faces, private readonly Frame $frame)
    {
    }

    /**
     * Takes in those of a scene.
     *
     * @param  non-empty-list<WordTiming>  $spoken  in ms of the short
     * @param  int  $endMs  of the scene
     */
    public function add(int $scene, array $spoken, int $endMs, SecondCaptions $second): void
    {
        if (trim($second->text) === '') {
            return;
        }
        $words = TimesOver::of($spoken, $second->pairs, $second->text, $endMs);
        array_push($this->words, ...array_map(static fn (WordTiming $word): string => $word->text, $words));
        $maker = $this->makers[$second->language] ??= new CueMaker(
            $this->faces, $this->frame, $second->language, [], EmojiBook::none(),
        );
        foreach ($maker->cues($scene, $words, [[0, $endMs]], $endMs, new CaptionMarks, $second->style) as $cue) {
            $this->found[] = ['cue' => $cue, 'isAbove' => $second->isAbove];
        }
    }

    /** @return list<string> all that they say */
    public function words(): array
    {
        return $this->words;
    }

    /**
     * One place for all above and one for all below, as a line that jumps cannot be read beside another.
     *
     * @param  list<Cue>  $firsts
     * @return array{list<Cue>, list<Cue>} the first ones, moved where there was no room beside them, and the second
     */
    public function placed(array $firsts): array
    {
        if ($this->found === [] || $firsts === []) {
            return [$firsts, array_column($this->found, 'cue')];
        }
        [$top, $bottom] = self::span($firsts);
        $seconds = [];
        foreach ($this->found as ['cue' => $cue, 'isAbove' => $isAbove]) {
            [, $from, , $until] = $cue->setting->box;
            $gap = self::GAP * $cue->style->type->size;
            $seconds[] = $cue->moved($isAbove ? $top - $gap - $until : $bottom + $gap - $from);
        }
        $by = $this->into(...self::span([...$firsts, ...$seconds]));
        $moved = static fn (Cue $cue): Cue => $cue->moved($by);

        return $by === 0.0 ? [$firsts, $seconds] : [array_map($moved, $firsts), array_map($moved, $seconds)];
    }

    /**
     * From the highest of their edges to the lowest, with what is drawn around letters.
     *
     * @param  non-empty-list<Cue>  $cues
     * @return array{float, float}
     */
    private static function span(array $cues): array
    {
        $top = INF;
        $bottom = 0.0;
        foreach ($cues as $cue) {
            $around = self::around($cue->style);
            $top = min($top, $cue->setting->box[1] - $around);
            $bottom = max($bottom, $cue->setting->box[3] + $around);
        }

        return [$top, $bottom];
    }

    private static function around(CaptionStyle $style): float
    {
        return $style->plate->kind === 'none' ? 0.0 : $style->plate->room;
    }

    /** How far both have to move to stand in the safe area; its upper edge goes first where they are too tall. */
    private function into(float $top, float $bottom): float
    {
        $safe = $this->frame->safe;
        $least = $safe->top * $this->frame->height();
        $most = (1 - $safe->bottom) * $this->frame->height();

        return round(max($least - $top, min(0.0, $most - $bottom)), 1);
    }
}
