<?php

declare(strict_types=1);

namespace RapidReel\Caption;

use RapidReel\Base\FrameGrid;
use RapidReel\Base\TargetProfile;
use RapidReel\Voice\WordTiming;

/**
 * Captions as an Advanced SubStation Alpha script (v4.00+), for libass to burn or any player to show.
 *
 * Every word's mark is an event of its own, from the frame nearest its start to the frame nearest its end.
 */
final readonly class AssWriter
{
    private const WORD_JOINER = "\u{2060}";

    public function __construct(
        private CaptionStyle $style,
        private string $family,
        private int $fps,
    ) {
    }

    /**
     * @param  list<Cue>  $cues
     * @param  int  $originMs  the moment that frames are counted from and words are rounded against
     * @param  int  $firstFrame  from the origin: the script's own time 0
     * @param  int  $frames  how many frames the script covers; events are cut to them
     */
    public function write(array $cues, int $originMs, int $firstFrame, int $frames): string
    {
        $events = '';
        foreach ($cues as $cue) {
            foreach ($this->states($cue, $originMs) as [$from, $until, $marked]) {
                $from = max(0, $from - $firstFrame);
                $until = min($frames, $until - $firstFrame);
                if ($from < $until) {
                    $events .= sprintf(
                        "Dialogue: 0,%s,%s,Caption,,0,0,0,,%s\n",
                        $this->time($from),
                        $this->time($until),
                        $this->line($cue, $marked),
                    );
                }
            }
        }

        return $this->head().$events;
    }

    /** What user text may hold made harmless: no override block, no escape, no line break of its own. */
    public static function escape(string $text): string
    {
        $text = (string) preg_replace('/[\x00-\x1F\x7F]+/', ' ', $text);

        return str_replace(['\\', '{', '}'], ['\\'.self::WORD_JOINER, '\\{', '\\}'], $text);
    }

    /**
     * The stretches of a cue, in frames: with one word marked, or none in a pause.
     *
     * @return list<array{int, int, int|null}>
     */
    private function states(Cue $cue, int $originMs): array
    {
        $grid = new FrameGrid($this->fps);
        $states = [];
        $at = $grid->frameOf($cue->startMs - $originMs);
        foreach ($cue->words as $i => $word) {
            $start = max($at, $grid->frameOf($word->startMs - $originMs));
            // The shortest words still get one frame.
            $end = max($start + 1, $grid->frameOf($word->endMs - $originMs));
            if ($start > $at) {
                $states[] = [$at, $start, null];
            }
            $states[] = [$start, $end, $i];
            $at = $end;
        }
        $end = $grid->frameOf($cue->endMs - $originMs);
        if ($end > $at) {
            $states[] = [$at, $end, null];
        }

        return $states;
    }

    private function line(Cue $cue, ?int $marked): string
    {
        $at = 0;
        $lines = [];
        foreach ($cue->lines as $count) {
            $lines[] = implode(CaptionStyle::WORD_SPACE, array_map(
                fn (WordTiming $word, int $i): string => $this->word($word->text, $i === $marked),
                array_slice($cue->words, $at, $count),
                range($at, $at + $count - 1),
            ));
            $at += $count;
        }
        $x = intdiv(TargetProfile::WIDTH, 2);
        $y = (int) round($this->style->middle * TargetProfile::HEIGHT);
        $size =
            $cue->scale < 1
                ? sprintf('\fs%d', (int) floor($this->style->size * TargetProfile::HEIGHT * $cue->scale))
                : '';

        return "{\\an5\\pos($x,$y)$size}".implode('\N', $lines);
    }

    private function word(string $text, bool $marked): string
    {
        $text = self::escape($this->style->upperCase ? mb_strtoupper($text) : $text);

        return $marked
            ? sprintf('{\1c%s}%s{\1c%s}', $this->colour($this->style->mark), $text, $this->colour($this->style->ink))
            : $text;
    }

    private function head(): string
    {
        $height = TargetProfile::HEIGHT;

        return implode("\n", [
            '[Script Info]',
            'ScriptType: v4.00+',
            'PlayResX: '.TargetProfile::WIDTH,
            'PlayResY: '.$height,
            'WrapStyle: 2',
            'ScaledBorderAndShadow: yes',
            'YCbCr Matrix: TV.709',
            '',
            '[V4+ Styles]',
            'Format: Name, Fontname, Fontsize, PrimaryColour, SecondaryColour, OutlineColour, BackColour, Bold, Italic,'
                .' Underline, StrikeOut, ScaleX, ScaleY, Spacing, Angle, BorderStyle, Outline, Shadow, Alignment, '
                .'MarginL, MarginR, MarginV, Encoding',
            sprintf(
                'Style: Caption,%s,%d,%s,%s,%s,&H80%s,0,0,0,0,100,100,0,0,1,%.1f,%.1f,5,0,0,0,1',
                $this->family,
                (int) round($this->style->size * $height),
                $this->colour($this->style->ink),
                $this->colour($this->style->mark),
                $this->colour($this->style->edge),
                substr($this->colour($this->style->edge), 4),
                $this->style->outline * $height,
                $this->style->shadow * $height,
            ),
            '',
            '[Events]',
            'Format: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text',
            '',
        ]);
    }

    /** RRGGBB to the format's &HAABBGGRR. */
    private function colour(string $rgb): string
    {
        return '&H00'.substr($rgb, 4, 2).substr($rgb, 2, 2).substr($rgb, 0, 2);
    }

    /** The last hundredth at or before a frame, so that the event holds from just that frame on. */
    private function time(int $frame): string
    {
        $hundredths = (int) floor($frame * 100 / $this->fps);

        return sprintf(
            '%d:%02d:%02d.%02d',
            intdiv($hundredths, 360_000),
            intdiv($hundredths, 6_000) % 60,
            intdiv($hundredths, 100) % 60,
            $hundredths % 100,
        );
    }
}
