<?php

declare(strict_types=1);

namespace RapidReel\Text\Arrival;

use RapidReel\Base\Subtitle\Subtitles;

/** The words of a subtitle file (SubRip, WebVTT, ASS) as a script, without its numbers, times and marks. */
final class SubtitleText
{
    public static function isOne(string $text): bool
    {
        return Subtitles::isOne($text);
    }

    /** Cues that go on are one line; one that ends a sentence ends its line. */
    public static function script(string $text): string
    {
        $script = '';
        $previous = '';
        foreach (Subtitles::read($text) as $cue) {
            // Who speaks is told by a dash or an arrow.
            $words = trim((string) preg_replace(['/^\s*(?:-|>>)\s*/m', '/\s+/u'], ['', ' '], $cue->text));
            // Rolling captions say each line twice.
            if ($words === '' || $words === $previous) {
                continue;
            }
            $goesOn = $script !== '' && preg_match('/[.!?…:؟。！？]["”’)\]]*$/u', $previous) !== 1;
            $script .= ($script === '' ? '' : ($goesOn ? ' ' : "\n")).$words;
            $previous = $words;
        }

        return $script;
    }
}
