<?php

declare(strict_types=1);

namespace RapidReel\Captions\Contrast;

use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cue\CueWord;
use RapidReel\Captions\Style\Appearance;
use RapidReel\Captions\Style\CaptionStyle;

/**
 * How clearly a caption stands before its picture: the contrast of its letters with what surrounds them, which is the
 * picture, a plate, or an outline as far as that is broad enough to be seen on a phone.
 */
final class ContrastMeter
{
    /** An outline of so many pixels of 1080 counts for all of the surroundings, a narrower one for its part. */
    private const BROAD = 6;

    /** The same of a glow, which fades. */
    private const WIDE = 36;

    /** So much of the picture may be worse: sparks and edges. */
    private const WORST = 0.1;

    /** A picture is darkened by no more, in percent. */
    private const DARKEST = 80;

    /** The least of all its colours. */
    public static function of(Cue $cue, Backdrop $behind): float
    {
        return self::with($cue->style, self::colours($cue), $behind, 0.0);
    }

    /** By how much its picture must be darkened for it to be clear, in percent; by the most where none is enough. */
    public static function dim(Cue $cue, Backdrop $behind): int
    {
        $colours = self::colours($cue);
        // What darkens all of it is drawn over more than was measured: a little more than just enough.
        foreach (range(0, self::DARKEST, 5) as $dim) {
            if (self::with($cue->style, $colours, $behind, $dim / 100) >= Wcag::LEAST) {
                return $dim === 0 ? 0 : min(self::DARKEST, $dim + 5);
            }
        }

        $darkest = self::with($cue->style, $colours, $behind, self::DARKEST / 100);

        return $darkest > self::of($cue, $behind) ? self::DARKEST : 0;
    }

    /**
     * What would mend a caption that is too faint: each by as little as is enough.
     *
     * @return list<Mend> none where it is clear enough
     */
    public static function mends(Cue $cue, Backdrop $behind): array
    {
        if (self::of($cue, $behind) >= Wcag::LEAST) {
            return [];
        }
        $colours = self::colours($cue);
        $fill = Wcag::luminanceOf($cue->style->paint->fill);
        $mends = [];
        $plate = self::plate($cue->style, $colours, $behind);
        if ($plate !== []) {
            $mends[] = new Mend(MendKind::Plate, $plate);
        }
        foreach (['FFFFFF', '14202B', 'FFD60A', '000000'] as $other) {
            if (self::with($cue->style, [$other], $behind, 0.0) >= Wcag::LEAST) {
                $mends[] = new Mend(MendKind::Colour, ['fill' => $other, 'spokenColour' => $other, 'accent' => $other]);
                break;
            }
        }
        foreach (range(10, self::DARKEST, 5) as $dim) {
            if (self::with($cue->style, $colours, $behind, $dim / 100) >= Wcag::LEAST) {
                $mends[] = new Mend(MendKind::Dim, [], $dim);
                break;
            }
        }
        if ($mends === []) {
            $mends[] = new Mend(MendKind::Outline, [
                'outline' => max(8, $cue->style->paint->outline), 'outlineColour' => $fill > 0.25 ? '000000' : 'FFFFFF',
            ]);
        }

        return $mends;
    }

    /**
     * The least opaque plate that is enough.
     *
     * @param  non-empty-list<string>  $colours  of letters
     * @return array<string, int|string> fields of a style; none where no plate is
     */
    private static function plate(CaptionStyle $style, array $colours, Backdrop $behind): array
    {
        foreach (range(50, 100, 10) as $opacity) {
            foreach (['14202B', 'F7F0E1', '000000', 'FFFFFF'] as $ground) {
                $plate = ['plate' => 'words', 'plateColour' => $ground, 'plateOpacity' => $opacity];
                if (self::with($style->with($plate), $colours, $behind, 0.0) >= Wcag::LEAST) {
                    return $plate;
                }
            }
        }

        return [];
    }

    /** @param  non-empty-list<string>  $colours  of letters */
    private static function with(CaptionStyle $style, array $colours, Backdrop $behind, float $dim): float
    {
        $ground = $style->plate->kind === 'words'
            ? $behind->under($style->plate->colour, $style->plate->opacity / 100)
            : $behind->under('000000', $dim);
        $edge = min(1.0, $style->paint->outline / self::BROAD);
        $edgeColour = Wcag::luminanceOf($style->paint->outlineColour);
        if ($edge < 1 && $style->paint->glow > 0) {
            $edge = max($edge, min(0.8, $style->paint->glow / self::WIDE));
            $edgeColour = Wcag::luminanceOf(
                $style->paint->outline >= 2 ? $style->paint->outlineColour : $style->paint->glowColour,
            );
        }
        $least = INF;
        foreach ($colours as $colour) {
            $own = Wcag::luminanceOf($colour);
            $all = array_map(static fn (float $one): float => Wcag::ratio($own, $one), $ground);
            sort($all);
            $plain = $all[(int) floor(self::WORST * (count($all) - 1))] ?? 1.0;
            $edged = max($plain, Wcag::ratio($own, $edgeColour));
            $least = min($least, $plain + $edge * ($edged - $plain));
        }

        return round($least, 2);
    }

    /** @return non-empty-list<string> what colours its letters have while it is shown */
    private static function colours(Cue $cue): array
    {
        $style = $cue->style;
        $stands = array_filter($cue->words, static fn (CueWord $word): bool => $word->stands) !== [];
        $onPlate = $style->plate->kind === 'spoken';
        $colours = [
            ...count($cue->words) > 1 || $style->motion->appearance() !== Appearance::Single
                ? [$style->paint->fill]
                : [],
            ...$onPlate ? [] : [$style->stress->spokenColour],
            ...$stands ? [$style->stress->accent] : [],
        ];

        return array_values(array_unique($colours === [] ? [$style->paint->fill] : $colours));
    }
}
