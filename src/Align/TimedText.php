<?php

declare(strict_types=1);

namespace RapidReel\Align;

/** Words that came with times from elsewhere: cues of SubRip or WebVTT, or the words of our own JSON. Times in ms. */
final readonly class TimedText
{
    private const TIMES = '/^\s*(?:(\d{1,3}):)?(\d{1,2}):(\d{2})[.,](\d{1,3})\s*-->\s*(?:(\d{1,3}):)?(\d{1,'
        .'2}):(\d{2})[.,](\d{1,3})/';

    /** @return list<array{start: int, end: int, text: string}> in order; empty where it is none of these */
    public static function parse(string $text): array
    {
        $text = trim($text);

        return str_starts_with($text, '{') || str_starts_with($text, '[') ? self::json($text) : self::cues($text);
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

    /** @return list<array{start: int, end: int, text: string}> */
    private static function cues(string $text): array
    {
        $cues = [];
        foreach ((array) preg_split('/\R\s*\R/u', $text) as $block) {
            $times = null;
            $words = [];
            foreach ((array) preg_split('/\R/u', (string) $block) as $line) {
                if (preg_match(self::TIMES, (string) $line, $match) === 1) {
                    $times = [
                        self::ms($match[1], $match[2], $match[3], $match[4]),
                        self::ms($match[5], $match[6], $match[7], $match[8]),
                    ];
                } elseif ($times !== null) {
                    $words[] = trim((string) preg_replace('/<[^>]*>|\{\\\\[^}]*\}/', '', (string) $line));
                }
            }
            $said = trim(html_entity_decode(implode(' ', $words), ENT_QUOTES | ENT_HTML5));
            if ($times !== null && $said !== '') {
                $cues[] = ['start' => $times[0], 'end' => max($times), 'text' => $said];
            }
        }

        return $cues;
    }

    private static function ms(string $hours, string $minutes, string $seconds, string $fraction): int
    {
        return (((int) $hours * 60 + (int) $minutes) * 60 + (int) $seconds) * 1000 + (int) str_pad($fraction, 3, '0');
    }
}
