<?php

declare(strict_types=1);

namespace RapidReel\Captions\Drawing;

use RapidReel\Base\FrameGrid;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cue\CueWord;
use RapidReel\Captions\Cue\Piece;
use RapidReel\Captions\Style\Appearance;
use RapidReel\Captions\Typesetting\Setter;

/**
 * What is seen of a caption in every frame. Movement is worked out frame by frame, so that whatever draws it between
 * two frames draws the same as in them.
 */
final class WordStates
{
    private int $first;

    private int $end;

    /** @var list<array{int, int}> frames from which, and up to which, each word is said */
    private array $said = [];

    private float $capital;

    private int $moving;

    private function __construct(
        private readonly Cue $cue,
        private readonly FrameGrid $grid,
        int $originMs,
    ) {
        $this->first = $grid->frameOf($cue->startMs - $originMs);
        $this->end = max($this->first + 1, $grid->frameOf($cue->endMs - $originMs));
        $at = $this->first;
        foreach ($cue->words as $word) {
            $start = max($at, $grid->frameOf($word->startMs - $originMs));
            // The shortest words still get one frame.
            $at = max($start + 1, $grid->frameOf($word->endMs - $originMs));
            $this->said[] = [$start, $at];
        }
        $this->capital = $cue->style->type->size * $cue->setting->scale;
        $this->moving = min(
            $grid->frameOf($cue->style->motion->appearMs),
            intdiv($this->end - $this->first, 2),
        );
    }

    /**
     * @param  int  $originMs  the moment that frames are counted from
     * @return list<Drawn> plates first, then letters; each in order of time
     */
    public static function of(Cue $cue, FrameGrid $grid, int $originMs): array
    {
        return (new self($cue, $grid, $originMs))->all();
    }

    /** @return list<Drawn> */
    private function all(): array
    {
        $rows = [];
        for ($frame = $this->first; $frame < $this->end; $frame++) {
            $motion = Motion::at(
                $this->cue->style,
                ($frame - $this->first + 1) / ($this->moving + 1),
                $this->capital,
            );
            $seen = [];
            foreach ($this->cue->setting->pieces as $i => $piece) {
                $one = $this->letters($piece, $frame, $motion);
                if ($one !== null) {
                    $seen["letters-$i"] = $one;
                }
            }
            $plate = $seen === [] ? null : $this->plate($frame, $motion);
            foreach ($plate === null ? $seen : ['plate' => $plate, ...$seen] as $name => $one) {
                $last = isset($rows[$name]) ? count($rows[$name]) - 1 : -1;
                if ($last >= 0 && $rows[$name][$last]->until === $frame && $rows[$name][$last]->looksLike($one)) {
                    $rows[$name][$last] = $rows[$name][$last]->until($frame + 1);
                } else {
                    $rows[$name][] = $one;
                }
            }
        }
        ksort($rows);

        return array_merge(...array_values([...['plate' => $rows['plate'] ?? []], ...$rows]));
    }

    private function letters(Piece $piece, int $frame, Motion $motion): ?Drawn
    {
        $style = $this->cue->style;
        [$start, $end] = $this->said[$piece->word];
        $letters = null;
        $isSpoken = $frame >= $start && $frame < $end;
        $isShown = match ($style->motion->appearance()) {
            Appearance::Single => $piece->word === $this->current($frame),
            Appearance::Growing => $frame >= $start || $piece->word === 0,
            Appearance::Typed => $frame >= $start || $piece->word === 0,
            default => true,
        };
        if (! $isShown) {
            return null;
        }
        if ($style->motion->appearance() === Appearance::Typed && $frame < $end - 1) {
            $whole = mb_strlen($piece->text);
            $letters = max(1, (int) ceil($whole * ($frame - $start + 1) / max(1, $end - $start)));
            $letters = $letters >= $whole ? null : $letters;
        }
        $grown = $isSpoken && ! $piece->isEmoji ? $style->stress->spokenScale / 100 : 1.0;
        [$middle, $height] = $this->middle();
        $x = $piece->box->x;
        if ($grown !== 1.0) {
            [$left, , $right] = $this->around($piece->word);
            $x = ($left + $right) / 2 + ($x - ($left + $right) / 2) * $grown;
        }

        return new Drawn(
            $frame,
            $frame + 1,
            $piece,
            null,
            new DrawnPaint(
                round($middle + ($x - $middle) * $motion->scale, 1),
                round($height + ($piece->box->y - $height) * $motion->scale + $motion->down, 1),
                round($motion->scale * $grown, 4),
                $motion->clear,
                $this->colour($this->cue->words[$piece->word], $piece, $isSpoken),
            ),
            $letters,
            $isSpoken,
        );
    }

    private function colour(CueWord $word, Piece $piece, bool $isSpoken): string
    {
        $style = $this->cue->style;
        if ($piece->isEmoji) {
            return $style->paint->fill;
        }
        $usual = $word->stands ? $style->stress->accent : $style->paint->fill;

        $spoken = $style->stress->spokenColour;

        return $isSpoken && $spoken !== $style->paint->fill ? $spoken : $usual;
    }

    private function plate(int $frame, Motion $motion): ?Drawn
    {
        $style = $this->cue->style;
        $box = match (true) {
            $style->plate->kind === 'spoken' => $this->spokenBox($frame),
            $style->plate->kind === 'words' => $style->motion->appearance() === Appearance::Single
                ? $this->around($this->current($frame))
                : $this->cue->setting->box,
            default => null,
        };
        if ($box === null) {
            return null;
        }
        $room = $style->plate->room;
        [$middle, $height] = $this->middle();
        $place = static fn (float $at, float $of): float => round($of + ($at - $of) * $motion->scale, 1);

        return new Drawn(
            $frame,
            $frame + 1,
            null,
            [
                $place($box[0] - $room, $middle),
                $place($box[1] - $room, $height) + $motion->down,
                $place($box[2] + $room, $middle),
                $place($box[3] + $room, $height) + $motion->down,
            ],
            new DrawnPaint(
                0.0,
                0.0,
                1.0,
                max($motion->clear, (int) round(255 * (1 - $style->plate->opacity / 100))),
                $style->plate->colour,
            ),
        );
    }

    /** @return array{float, float, float, float}|null */
    private function spokenBox(int $frame): ?array
    {
        foreach ($this->said as $word => [$start, $end]) {
            if ($frame >= $start && $frame < $end) {
                return $this->around($word);
            }
        }

        return null;
    }

    /** The word that was begun last. */
    private function current(int $frame): int
    {
        $current = 0;
        foreach ($this->said as $word => [$start]) {
            $current = $start <= $frame ? $word : $current;
        }

        return $current;
    }

    /** @return array{float, float, float, float} left, top, right and bottom of a word */
    private function around(int $word): array
    {
        $box = [INF, INF, 0.0, 0.0];
        foreach ($this->cue->setting->pieces as $piece) {
            if ($piece->word === $word && ! $piece->isEmoji) {
                $box = [
                    min($box[0], $piece->box->x - $piece->box->width / 2),
                    min($box[1], $piece->box->foot - $this->capital),
                    max($box[2], $piece->box->x + $piece->box->width / 2),
                    max($box[3], $piece->box->foot + Setter::BELOW * $this->capital),
                ];
            }
        }

        return $box[0] === INF ? $this->cue->setting->box : $box;
    }

    /** @return array{float, float} the middle of the caption */
    private function middle(): array
    {
        [$left, $top, $right, $bottom] = $this->cue->setting->box;

        return [($left + $right) / 2, ($top + $bottom) / 2];
    }
}
