<?php

declare(strict_types=1);

namespace RapidReel\Caption;

/** Captions as a SubRip file. */
final class SubRip
{
    /**
     * @param  list<Cue>  $cues
     */
    public static function write(array $cues): string
    {
        $blocks = '';
        foreach ($cues as $i => $cue) {
            $blocks .= sprintf(
                "%d\n%s --> %s\n%s\n\n",
                $i + 1,
                self::time($cue->startMs),
                self::time($cue->endMs),
                self::escape($cue->text()),
            );
        }

        return $blocks;
    }

    /** The format has no escapes: a word joiner after a bracket keeps players from taking text for a tag. */
    private static function escape(string $text): string
    {
        return str_replace(
            ['<', '{', '\\', '-->'],
            ["<\u{2060}", "{\u{2060}", "\\\u{2060}", '→'],
            (string) preg_replace('/\s+/u', ' ', $text),
        );
    }

    private static function time(int $ms): string
    {
        return sprintf(
            '%02d:%02d:%02d,%03d',
            intdiv($ms, 3_600_000),
            intdiv($ms, 60_000) % 60,
            intdiv($ms, 1000) % 60,
            $ms % 1000,
        );
    }
}
