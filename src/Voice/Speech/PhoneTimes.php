<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

/** Word times from what a synthesiser tells of its sounds, one "name:end in seconds" after the other. */
final class PhoneTimes
{
    private const PAUSE = 'pau';

    /** A word as it is given to the synthesiser alone: nothing but its letters, digits and the signs between them. */
    public static function bare(string $word): string
    {
        $bare = trim((string) preg_replace('/[^\p{L}\p{N}\'’.,-]+/u', '', $word), ".,-'’");

        return $bare === '' ? 'a' : str_replace('’', "'", $bare);
    }

    /**
     * @param  string  $told  sounds of a text with their ends, a line for each of its sentences, in which times begin
     *     at nought again
     * @param  string  $alone  sounds of its words, a line for each
     * @return list<int>|null when each word begins, in ms; null where the words have not the sounds of the text
     */
    public static function starts(string $told, string $alone, int $words): ?array
    {
        $begins = [];
        $before = 0.0;
        foreach (explode("\n", trim($told)) as $line) {
            $sentence = $before;
            foreach (preg_split('/\s+/', trim($line), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $sound) {
                [$name, $end] = [...explode(':', $sound, 2), '0'];
                if ($name !== self::PAUSE) {
                    $begins[] = (int) round(1000 * $before);
                }
                $before = $sentence + (float) $end;
            }
        }
        $starts = [];
        $at = 0;
        $lines = explode("\n", trim($alone));
        foreach ($lines as $line) {
            $sounds = array_filter(
                preg_split('/\s+/', trim($line), -1, PREG_SPLIT_NO_EMPTY) ?: [],
                static fn (string $sound): bool => $sound !== self::PAUSE,
            );
            $starts[] = $begins[$at] ?? 0;
            $at += count($sounds);
        }

        return count($lines) === $words && $at === count($begins) ? $starts : null;
    }
}
