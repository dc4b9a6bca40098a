<?php

declare(strict_types=1);

namespace RapidReel\Intake;

/** The words of a subtitle file (SubRip, WebVTT) as a script, without its numbers, times and marks. */
final class SubtitleText
{
    private const TIMES = '/^\s*(?:\d{1,3}:)?\d{1,2}:\d{2}[.,]\d{1,3}\s*-->\s*(?:\d{1,3}:)?\d{1,2}:\d{2}[.,]\d{1,3}/';

    public static function isOne(string $text): bool
    {
        return preg_match('/^\s*WEBVTT\b/', $text) === 1
            || preg_match('/^\s*\d+\s*\n\s*(?:\d{1,3}:)?\d{1,2}:\d{2}[.,]\d{1,3}\s*-->/', $text) === 1;
    }

    /** Cues that go on are one line; one that ends a sentence ends its line. */
    public static function script(string $text): string
    {
        $script = '';
        $previous = '';
        foreach ((array) preg_split('/\n\s*\n/', trim((string) preg_replace('/\R/u', "\n", $text))) as $block) {
            $words = self::wordsOf(explode("\n", (string) $block));
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

    /** @param  list<string>  $lines */
    private static function wordsOf(array $lines): string
    {
        $words = [];
        $inCue = false;
        foreach ($lines as $line) {
            if (preg_match(self::TIMES, $line) === 1) {
                $inCue = true;
            } elseif ($inCue) {
                $plain = (string) preg_replace(
                    [
                        '/<v(?:\.[^\s>]+)?\s+[^>]*>/',
                        '/<\/?(?:[a-z]+(?:\.[^>]*)?|\d{1,2}:[\d:.]+|font[^>]*)>/i',
                        '/\{\\\\[^}]*\}/',
                    ],
                    '',
                    $line,
                );
                $words[] = trim(
                    (string) preg_replace('/^\s*(?:-|>>)\s*/', '', html_entity_decode($plain, ENT_QUOTES | ENT_HTML5)),
                );
            }
        }

        return trim(implode(' ', array_filter($words, static fn (string $word): bool => $word !== '')));
    }
}
