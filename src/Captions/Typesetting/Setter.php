<?php

declare(strict_types=1);

namespace RapidReel\Captions\Typesetting;

use RapidReel\Base\Language\UnspacedWords;
use RapidReel\Base\Target\Frame;
use RapidReel\Base\Typeface\Run;
use RapidReel\Base\Typeface\TypefaceSet;
use RapidReel\Captions\Cue\CueWord;
use RapidReel\Captions\Cue\Piece;
use RapidReel\Captions\Cue\PieceBox;
use RapidReel\Captions\Cue\PieceType;
use RapidReel\Captions\Cue\Setting;
use RapidReel\Captions\Style\Appearance;
use RapidReel\Captions\Style\CaptionStyle;

/**
 * Sets captions in the safe area of a frame: breaks lines, shrinks type as far as its style allows, then breaks words,
 * and tells where even that is not enough. What a renderer draws follows from this alone.
 */
final readonly class Setter
{
    /** Between the feet of two lines, in heights of a capital. */
    private const PITCH = 1.5;

    /** How much taller lines of scripts with marks above and below are. */
    private const TALL = 1.3;

    private const TALL_SCRIPTS = '/[\p{Arabic}\p{Devanagari}\p{Thai}]/u';

    /** What hangs below the line, in heights of a capital. */
    public const BELOW = 0.3;

    /** Between words at least, in heights of a capital: the blank of a condensed face is too narrow on a phone. */
    private const BLANK = 0.36;

    private const MOST_LINES = 6;

    public function __construct(
        private TypefaceSet $faces,
        private Frame $frame,
        private CaptionStyle $style,
        private BreakCosts $costs,
        private string $language = '',
    ) {
    }

    /**
     * @param  non-empty-list<CueWord>  $words
     * @param  list<int>  $lines  words on each line, as an operator broke them; none leaves that to be found
     */
    public function set(array $words, array $lines = []): Setting
    {
        if ($this->style->motion->appearance() === Appearance::Single && count($words) > 1) {
            return $this->alone($words);
        }
        $units = [];
        foreach ($words as $i => $word) {
            $isGlued = $i > 0 && UnspacedWords::between($words[$i - 1]->text, $word->text) === '';
            $units[] = $this->unit($word, $i, $isGlued);
        }
        $room = $this->room();
        $blank = $this->blank();
        if (array_sum($lines) === count($words) && $lines !== []) {
            [$scale] = LineBreaker::fit($units, $lines, $room, $blank);
        } else {
            $after = $this->costs->after(array_map(static fn (CueWord $word): string => $word->text, $words));
            [$lines, $scale] = LineBreaker::best($units, $after, $room, $blank, $this->style->type->lines);
            $least = $this->style->type->least / 100;
            if ($scale < $least) {
                [$units, $after] = $this->broken($units, $words, $after, $room / $least);
                $most = min(self::MOST_LINES, count($units));
                [$lines, $scale] = LineBreaker::best($units, $after, $room, $blank, $most);
            }
        }
        $tall = $this->isTall($words) ? self::TALL : 1.0;
        $pitch = $this->style->type->size * self::PITCH * $tall * $this->style->type->lineSpace / 100;
        $height = $this->style->type->size * (1 + self::BELOW) + (count($lines) - 1) * $pitch;
        $scale = round(min($scale, $this->height() / $height), 3);

        return $this->placed($units, $lines, max(0.01, $scale), $pitch, $words);
    }

    /** What is drawn around letters on each side, in pixels. */
    private function around(): float
    {
        $plate = $this->style->plate->kind === 'none' ? 0 : $this->style->plate->room;

        $paint = $this->style->paint;

        return max($plate, $paint->outline + max($paint->shadow, $paint->glow / 2));
    }

    private function room(): float
    {
        return $this->frame->safe->centredWidth() * $this->frame->width() - 2 * $this->around();
    }

    private function height(): float
    {
        $safe = $this->frame->safe;

        return (1 - $safe->top - $safe->bottom) * $this->frame->height() - 2 * $this->around();
    }

    /** Between two words, in pixels at full size. */
    private function blank(): float
    {
        $face = $this->faces->get($this->style->type->face);

        return max(
            self::BLANK * $this->style->type->size,
            $face->blank() * $this->style->type->size / $face->capital() + $this->style->type->letterSpace,
        );
    }

    /**
     * Words that are shown one at a time, each in the middle.
     *
     * @param  non-empty-list<CueWord>  $words
     */
    private function alone(array $words): Setting
    {
        $pieces = [];
        $box = [INF, INF, 0.0, 0.0];
        $scale = 1.0;
        $isTight = false;
        foreach ($words as $number => $word) {
            $one = $this->set([$word]);
            foreach ($one->pieces as $piece) {
                $pieces[] = $piece->of($number);
            }
            $box = [
                min($box[0], $one->box[0]), min($box[1], $one->box[1]),
                max($box[2], $one->box[2]), max($box[3], $one->box[3]),
            ];
            $scale = min($scale, $one->scale);
            $isTight = $isTight || $one->isTight;
        }

        return new Setting(
            [count($words)], $scale, $pieces, $box, $isTight, $this->frame->shape,
            Direction::ofCaption($words, $this->language),
        );
    }

    private function unit(CueWord $word, int $number, bool $isGlued): Unit
    {
        $text = $this->style->type->cased($word->text);
        $runs = array_map(
            fn (Run $run): array => $this->measured($run, $word->stands, false),
            $this->faces->runs($text, $this->style->type->face, $this->language),
        );
        if ($word->emoji !== '') {
            foreach ($this->faces->runs($word->emoji, $this->style->type->face, $this->language) as $run) {
                $runs[] = $this->measured($run, false, true);
            }
        }

        return $this->unitOf($number, $runs, $isGlued);
    }

    /** @param  list<array{Run, float, float, bool}>  $runs */
    private function unitOf(int $word, array $runs, bool $isGlued): Unit
    {
        $width = array_sum(array_column($runs, 2));

        return new Unit($word, $runs, $width, $width * $this->style->stress->spokenScale / 100, $isGlued);
    }

    /** @return array{Run, float, float, bool} letters with the size of their face and their width */
    private function measured(Run $run, bool $stands, bool $isEmoji): array
    {
        $face = $this->faces->get($run->face);
        $em = $this->style->type->size / $face->capital() * ($stands ? $this->style->stress->accentScale / 100 : 1);
        $isSpaced = $this->style->type->letterSpace !== 0;
        $width = $face->width($run->text, $isSpaced) * $em
            + ($isSpaced ? mb_strlen($run->text) * $this->style->type->letterSpace : 0)
            + ($isEmoji ? self::BLANK * $this->style->type->size / 2 : 0);

        return [$run, $em * $face->line(), max(0.0, $width), $isEmoji];
    }

    /**
     * Words that are wider than a line at the smallest size, in parts.
     *
     * @param  non-empty-list<Unit>  $units
     * @param  non-empty-list<CueWord>  $words
     * @param  list<float>  $after
     * @return array{non-empty-list<Unit>, list<float>}
     */
    private function broken(array $units, array $words, array $after, float $room): array
    {
        $parts = $costs = [];
        foreach ($units as $i => $unit) {
            if ($unit->room <= $room) {
                $parts[] = $unit;
                $costs[] = $after[$i];

                continue;
            }
            $text = $this->style->type->cased($words[$unit->word]->text);
            $letters = (int) preg_match_all('/\X/u', $text);
            $each = max(1, (int) ceil($letters / ceil($unit->room / $room)));
            foreach (Hyphens::parts($text, $each) as $j => $some) {
                $runs = array_map(
                    fn (Run $run): array => $this->measured($run, $words[$unit->word]->stands, false),
                    $this->faces->runs($some, $this->style->type->face, $this->language),
                );
                $parts[] = $this->unitOf($unit->word, $runs, $j > 0 || $unit->isGlued);
                $costs[] = 0.0;
            }
            array_pop($costs);
            $costs[] = $after[$i];
        }

        return [$parts, $costs];
    }

    /**
     * @param  non-empty-list<Unit>  $units
     * @param  non-empty-list<int>  $lines  units on each
     * @param  non-empty-list<CueWord>  $words
     */
    private function placed(array $units, array $lines, float $scale, float $pitch, array $words): Setting
    {
        $capital = $this->style->type->size * $scale;
        $pitch *= $scale;
        $height = $capital + (count($lines) - 1) * $pitch;
        $middle = $this->frame->width() / 2;
        $foot = $this->top($height, $capital) + $capital;
        $isLeftwards = Direction::ofCaption($words, $this->language);
        $pieces = [];
        $perLine = [];
        $box = [INF, $foot - $capital, 0.0, $foot + (count($lines) - 1) * $pitch + self::BELOW * $capital];
        $at = 0;
        foreach ($lines as $line => $count) {
            $some = array_slice($units, $at, $count);
            $at += $count;
            $width = LineBreaker::width($some, $this->blank()) * $scale;
            $x = $middle - $width / 2;
            $box = [min($box[0], $x), $box[1], max($box[2], $x + $width), $box[3]];
            $ordered = Direction::order($some, $words, $isLeftwards);
            foreach ($ordered as $i => $unit) {
                $isNext = $i === 0 || $unit->word === $ordered[$i - 1]->word || $unit->isGlued;
                $x += $isNext ? 0.0 : $this->blank() * $scale;
                array_push($pieces, ...$this->pieces($unit, $x, $foot + $line * $pitch, $scale, $line, $words));
                $x += $unit->room * $scale;
            }
            $perLine[] = count(array_unique(array_map(static fn (Unit $unit): int => $unit->word, $some)));
        }
        usort($pieces, static fn (Piece $a, Piece $b): int => [$a->word, $a->line] <=> [$b->word, $b->line]);

        return new Setting(
            array_sum($perLine) === count($words) ? $perLine : [count($words)],
            $scale,
            $pieces,
            array_map(static fn (float $edge): float => round($edge, 1), $box),
            $scale < $this->style->type->least / 100 - 0.0005,
            $this->frame->shape,
            $isLeftwards,
        );
    }

    /** Where a block of lines begins: at the height of the style, moved into the safe area. */
    private function top(float $height, float $capital): float
    {
        $safe = $this->frame->safe;
        $least = $safe->top * $this->frame->height() + $this->around();
        $most = (1 - $safe->bottom) * $this->frame->height() - $this->around() - $height - self::BELOW * $capital;
        $wished = $this->style->height / 100 * $this->frame->height() - $height / 2;

        return max($least, min($most, $wished));
    }

    /**
     * @param  non-empty-list<CueWord>  $words
     * @return list<Piece>
     */
    private function pieces(Unit $unit, float $x, float $foot, float $scale, int $line, array $words): array
    {
        $pieces = [];
        // What it grows by when it is said is left free on both sides.
        $x += ($unit->room - $unit->width) / 2 * $scale;
        $isLeftwards = Direction::isLeftwards($words[$unit->word]->text);
        foreach ($isLeftwards ? array_reverse($unit->runs) : $unit->runs as [$run, $size, $width, $isEmoji]) {
            $face = $this->faces->get($run->face);
            $size = round($size * $scale, 1);
            $before = $isEmoji ? self::BLANK * $this->style->type->size / 2 * $scale : 0.0;
            $letters = $width * $scale - $before;
            // A renderer puts a blank after the last letter, too.
            $middle = $x + $before + $letters / 2;
            $pieces[] = new Piece(
                $unit->word,
                $line,
                $run->text,
                new PieceType($run->face, $face->family(), $size),
                new PieceBox(
                    round($middle, 1),
                    round($foot + $size / 2 - $size * $face->ascent(), 1),
                    round($foot, 1),
                    round($letters, 1),
                ),
                $isEmoji,
            );
            $x += $width * $scale;
        }

        return $isLeftwards ? array_reverse($pieces) : $pieces;
    }

    /** @param  list<CueWord>  $words */
    private function isTall(array $words): bool
    {
        foreach ($words as $word) {
            if (preg_match(self::TALL_SCRIPTS, $word->text) === 1) {
                return true;
            }
        }

        return false;
    }
}
