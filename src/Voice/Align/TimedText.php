<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

use RapidReel\Base\Subtitle\Subtitles;

/**
 * Words that came with times from elsewhere: cues of SubRip, WebVTT or ASS, or the words of our own JSON. In ms.
 */
final readonly class TimedText
{
    /** @return list<array{start: int, end: int, text: string}> in order; empty where it is none of these */
    public static function parse(string $text): array
    {
        $text = trim($text);

        return in_array($text[0] ?? '', ['{', '['], true) && ! Subtitles::isOne($text)
            ? self::json($text)
            : self::cues($text);
    }

    /**
     * The first cue that ends before it begins, or begins before the one ahead of it.
     *
     * @param  list<array{start: int, end: int, text: string}>  $cues
     * @return array{start: int, end: int, text: string}|null
     */
    public static function backwards(array $cues): ?array
    {
        $at = 0;
        foreach ($cues as $cue) {
            if ($cue['end'] < $cue['start'] || $cue['start'] < $at) {
                return $cue;
            }
            $at = $cue['start'];
        }

        return null;
    }

    /** @return list<array{start: int, end: int, text: string}> */
    private static function json(string $text): array
    {
        $data = json_decode($text, true, 32);
        $words = is_array($data) ? ($data['words'] ?? $data) : [];
        $cues = [];
        foreach (is_array($words) ? $words : [] as $word) {
            if (
                ! is_array($word) ||
                ! is_string($word['text'] ?? null) ||
                ! is_numeric($word['start_ms'] ?? null) ||
                ! is_numeric($word['end_ms'] ?? null)
            ) {
                return [];
            }
            $cues[] = [
                'start' => max(0, (int) $word['start_ms']),
                'end' => max(0, (int) $word['end_ms']),
                'text' => $word['text'],
            ];
        }

        return $cues;
    }

    /** @return list<array{start: int, end: int, text: string}> words where the file tells when each is said */
    private static function cues(string $text): array
    {
        $cues = [];
        foreach (Subtitles::read($text) as $cue) {
            $words = $cue->words();
            array_push($cues, ...($words !== [] ? $words : [[
                'start' => $cue->startMs, 'end' => $cue->endMs, 'text' => $cue->line(),
            ]]));
        }

        return $cues;
    }
}
