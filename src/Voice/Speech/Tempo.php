<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

/** Speech made faster or slower at the same pitch: where its words are then. */
final class Tempo
{
    public const USUAL = 100;

    /** Percent; beyond, speech no longer sounds like a person (common practice, no published source). */
    public const SLOWEST = 70;

    public const FASTEST = 150;

    /** How long something is at a tempo in percent, in ms or samples. */
    public static function scaled(int $length, int $tempo): int
    {
        return (int) round($length * self::USUAL / $tempo);
    }

    /**
     * @param  non-empty-list<WordTiming>  $words
     * @param  int  $durationMs  of the sound that they are in then
     * @return non-empty-list<WordTiming>
     */
    public static function words(array $words, int $tempo, int $durationMs): array
    {
        return array_map(static fn (WordTiming $word): WordTiming => new WordTiming(
            $word->text,
            min($durationMs, self::scaled($word->startMs, $tempo)),
            min($durationMs, self::scaled($word->endMs, $tempo)),
        ), $words);
    }

    public static function take(Take $take, int $tempo): Take
    {
        $durationMs = self::scaled($take->durationMs, $tempo);

        return $tempo === self::USUAL
            ? $take
            : new Take($take->key, $durationMs, self::words($take->words, $tempo, $durationMs));
    }
}
