<?php

declare(strict_types=1);

namespace RapidReel\Captions\Drawing;

use RapidReel\Base\FrameGrid;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Subtitle\Ass;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Style\CaptionStyle;

/**
 * Captions as an Advanced SubStation Alpha script (v4.00+), for libass to burn or any player to show. Every word stands
 * where it was set, in an event of its own for as long as it looks the same.
 */
final class AssWriter
{
    /** Right-to-left embedding, and its end (Unicode Standard Annex #9, 2.1). */
    private const FROM_THE_RIGHT = "\u{202B}";

    private const TO_ITS_END = "\u{202C}";

    private const PLATES = 0;

    private const GLOWS = 1;

    private const LETTERS = 2;

    private const SPOKEN = 3;

    /** How much of the glow is soft. */
    private const SOFT = 0.6;

    /** A quarter of a circle as a curve: how far its handles reach. */
    private const ROUND = 0.5523;

    /** @var array<string, CaptionStyle> by the name that they have in the script */
    private array $styles = [];

    /** @var array<string, true> */
    private array $faces = [];

    private float $top = INF;

    private float $bottom = 0.0;

    private function __construct(private readonly int $fps)
    {
    }

    /**
     * @param  list<Cue>  $cues
     * @param  int  $originMs  the moment that frames are counted from and words are rounded against
     * @param  int  $firstFrame  from the origin: the script's own time 0
     * @param  int  $frames  how many frames the script covers; events are cut to them
     * @param  int  $told  how many of the cues, from the first, stand in comments, too, for whoever reads the file
     */
    public static function write(
        array $cues,
        int $fps,
        int $originMs,
        int $firstFrame,
        int $frames,
        int $told = 0,
    ): CaptionScript {
        return (new self($fps))->script($cues, $originMs, $firstFrame, $frames, $told);
    }

    /** @param  list<Cue>  $cues */
    private function script(array $cues, int $originMs, int $firstFrame, int $frames, int $told): CaptionScript
    {
        $events = '';
        $shape = $cues === [] ? FrameShape::Upright : $cues[0]->setting->shape;
        $grid = new FrameGrid($this->fps);
        foreach ($cues as $i => $cue) {
            $events .= $i < $told ? Ass::comment($cue->timed()) : '';
            $style = $this->style($cue->style);
            foreach (WordStates::of($cue, $grid, $originMs) as $drawn) {
                $from = max(0, $drawn->from - $firstFrame);
                $until = min($frames, $drawn->until - $firstFrame);
                if ($from < $until) {
                    $events .= $this->event($cue, $style, $drawn, $from, $until);
                }
            }
        }

        return new CaptionScript(
            $this->head($shape).$events,
            array_keys($this->faces),
            $this->bottom <= 0.0 ? null : [
                max(0, (int) floor($this->top)), min($shape->height(), (int) ceil($this->bottom)),
            ],
        );
    }

    private function style(CaptionStyle $style): string
    {
        foreach ($this->styles as $name => $known) {
            if ($known->toArray() === $style->toArray()) {
                return $name;
            }
        }
        $name = 'Caption'.(count($this->styles) === 0 ? '' : count($this->styles) + 1);
        $this->styles[$name] = $style;

        return $name;
    }

    private function event(Cue $cue, string $style, Drawn $drawn, int $from, int $until): string
    {
        $times = $this->time($from).','.$this->time($until);
        if ($drawn->piece === null) {
            return 'Dialogue: '.self::PLATES.",$times,$style,,0,0,0,,{$this->plate($cue, $drawn)}\n";
        }
        $piece = $drawn->piece;
        $this->faces[$piece->type->face] = true;
        $around = $cue->style->paint->outline + $cue->style->paint->shadow + 2 * $cue->style->paint->glow + 2;
        // Marks of tall scripts reach beyond the ascent and descent of their face.
        $half = $piece->type->size * $drawn->look->scale * 0.75 + $around;
        $this->reaches($drawn->look->y - $half, $drawn->look->y + $half);
        $place = sprintf('\an5\pos(%s,%s)\fn%s\fs%s', $this->number($drawn->look->x), $this->number($drawn->look->y),
            self::name($piece->type->family), $this->number($piece->type->size));
        if ($cue->style->type->letterSpace !== 0) {
            $place .= '\fsp'.$this->number(round($cue->style->type->letterSpace * $cue->setting->scale, 2));
        }
        if ($drawn->look->scale !== 1.0) {
            $percent = $this->number(round(100 * $drawn->look->scale, 1));
            $place .= "\\fscx$percent\\fscy$percent";
        }
        $text = $this->letters($piece->text, $drawn->letters);
        if ($cue->setting->isLeftwards) {
            // Each word is a line of its own to the renderer; its marks go with the direction of the whole.
            $text = self::FROM_THE_RIGHT.$text.self::TO_ITS_END;
        }
        $clear = $drawn->look->clear === 0 ? '' : sprintf('\alpha&H%02X&', $drawn->look->clear);
        $glow = '';
        if ($cue->style->paint->glow > 0 && ! $piece->isEmoji) {
            $glow = sprintf(
                "Dialogue: %d,%s,%s,,0,0,0,,{%s%s\\bord%d\\shad0\\blur%s\\3c%s}%s\n",
                self::GLOWS, $times, $style, $place, $clear, $cue->style->paint->glow,
                $this->number(self::SOFT * $cue->style->paint->glow),
                $this->colour($cue->style->paint->glowColour), $text,
            );
        }

        return $glow.sprintf(
            "Dialogue: %d,%s,%s,,0,0,0,,{%s%s\\1c%s}%s\n",
            $drawn->isSpoken ? self::SPOKEN : self::LETTERS,
            $times, $style, $place, $clear, $this->colour($drawn->look->colour), $text,
        );
    }

    /** Letters that are not shown yet keep their place. */
    private function letters(string $text, ?int $shown): string
    {
        return $shown === null
            ? Ass::escape($text)
            : Ass::escape(mb_substr($text, 0, $shown)).'{\alpha&HFF&}'.Ass::escape(mb_substr($text, $shown));
    }

    private function plate(Cue $cue, Drawn $drawn): string
    {
        $style = $cue->style;
        // Renderers that know no other face draw nothing at all without one that is there.
        $face = self::name($cue->setting->pieces[0]->type->family ?? '');
        [$left, $top, $right, $bottom] = $drawn->plate ?? [0.0, 0.0, 0.0, 0.0];
        $this->reaches($top, $bottom);
        $width = $right - $left;
        $height = $bottom - $top;
        $round = min($style->plate->round, $width / 2, $height / 2);
        $bend = $round * (1 - self::ROUND);
        $path = $this->path([
            ['m', $round, 0], ['l', $width - $round, 0],
            ['b', $width - $bend, 0, $width, $bend, $width, $round], ['l', $width, $height - $round],
            ['b', $width, $height - $bend, $width - $bend, $height, $width - $round, $height], ['l', $round, $height],
            ['b', $bend, $height, 0, $height - $bend, 0, $height - $round], ['l', 0, $round],
            ['b', 0, $bend, $bend, 0, $round, 0],
        ]);

        return sprintf(
            '{\an7\pos(%s,%s)\fn%s\bord0\shad0\1c%s\1a&H%02X&\p1}%s',
            $this->number($left), $this->number($top), $face, $this->colour($drawn->look->colour),
            $drawn->look->clear, $path,
        );
    }

    /** @param  list<list<string|int|float>>  $steps */
    private function path(array $steps): string
    {
        return implode(' ', array_map(
            fn (array $step): string => implode(' ', array_map(
                fn (string|int|float $one): string => is_string($one) ? $one : $this->number(round($one, 1)),
                $step,
            )),
            $steps,
        ));
    }

    /** A face as an order may name it. */
    private static function name(string $family): string
    {
        return str_replace(['\\', '{', '}', ','], '', $family);
    }

    private function reaches(float $top, float $bottom): void
    {
        $this->top = min($this->top, $top);
        $this->bottom = max($this->bottom, $bottom);
    }

    private function head(FrameShape $shape): string
    {
        $styles = [];
        foreach ($this->styles as $name => $style) {
            $styles[] = sprintf(
                'Style: %s,sans-serif,%d,%s,%s,%s,%s,0,0,0,0,100,100,0,0,1,%d,%d,5,0,0,0,1',
                $name,
                $style->type->size,
                $this->full($style->paint->fill),
                $this->full($style->stress->spokenColour),
                $this->full($style->paint->outlineColour),
                $this->full($style->paint->shadowColour, '60'),
                $style->paint->outline,
                $style->paint->shadow,
            );
        }

        return implode("\n", [
            '[Script Info]',
            'ScriptType: v4.00+',
            'PlayResX: '.$shape->width(),
            'PlayResY: '.$shape->height(),
            'WrapStyle: 2',
            'ScaledBorderAndShadow: yes',
            'Kerning: yes',
            'YCbCr Matrix: TV.709',
            '',
            '[V4+ Styles]',
            'Format: Name, Fontname, Fontsize, PrimaryColour, SecondaryColour, OutlineColour, BackColour, Bold, Italic,'
                .' Underline, StrikeOut, ScaleX, ScaleY, Spacing, Angle, BorderStyle, Outline, Shadow, Alignment, '
                .'MarginL, MarginR, MarginV, Encoding',
            ...$styles,
            '',
            '[Events]',
            'Format: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text',
            '',
        ]);
    }

    private function number(float $value): string
    {
        return rtrim(rtrim(sprintf('%.2F', $value), '0'), '.');
    }

    /** RRGGBB to the format's &HBBGGRR&. */
    private function colour(string $rgb): string
    {
        return '&H'.substr($rgb, 4, 2).substr($rgb, 2, 2).substr($rgb, 0, 2).'&';
    }

    /** RRGGBB to the format's &HAABBGGRR. */
    private function full(string $rgb, string $clear = '00'): string
    {
        return "&H$clear".substr($rgb, 4, 2).substr($rgb, 2, 2).substr($rgb, 0, 2);
    }

    /**
     * The last hundredth before a frame, so that the event holds from just that frame on, also where a renderer takes
     * the frame's time for a little less than it is.
     */
    private function time(int $frame): string
    {
        return Ass::time(max(0, (int) ceil($frame * 100 / $this->fps) - 1));
    }
}
