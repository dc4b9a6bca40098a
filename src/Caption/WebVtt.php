<?php

declare(strict_types=1);

namespace RapidReel\Caption;

use RapidReel\Voice\WordTiming;

/** Captions as WebVTT (W3C), with a timestamp before every word but the first, so that players can follow the voice. */
final class WebVtt
{
    /**
     * @param  list<Cue>  $cues
     */
    public static function write(array $cues): string
    {
        $text = "WEBVTT\n\n";
        foreach ($cues as $i => $cue) {
            $words = [];
            $at = $cue->startMs;
            foreach ($cue->words as $word) {
                $words[] = self::word($word, $at, $cue->endMs);
                $at = max($at, $word->startMs);
            }
            $text .= sprintf(
                "%d\n%s --> %s\n%s\n\n",
                $i + 1,
                self::time($cue->startMs),
                self::time($cue->endMs),
                implode(' ', $words),
            );
        }

        return $text;
    }

    /** A timestamp must lie inside the cue and after the one before it (WebVTT, 4.2.2). */
    private static function word(WordTiming $word, int $afterMs, int $endMs): string
    {
        $text = str_replace(
            ['&', '<', '>'],
            ['&amp;', '&lt;', '&gt;'],
            (string) preg_replace('/\s+/u', ' ', $word->text),
        );

        return $word->startMs > $afterMs && $word->startMs < $endMs ? '<'.self::time($word->startMs).'>'.$text : $text;
    }

    private static function time(int $ms): string
    {
        return sprintf(
            '%02d:%02d:%02d.%03d',
            intdiv($ms, 3_600_000),
            intdiv($ms, 60_000) % 60,
            intdiv($ms, 1000) % 60,
            $ms % 1000,
        );
    }
}
