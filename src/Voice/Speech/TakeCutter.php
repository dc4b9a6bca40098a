<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

use RapidReel\Base\Language\ScriptWord;

/**
 * Makes a take of raw speech: cuts the dead air off both ends, and gives every word the span that holds its sound.
 */
final class TakeCutter
{
    /** What is quieter than this, relative to the loudest 10 ms, is dead air at the ends: −46 dB. */
    private const SILENCE = 0.005;

    /** Sound kept before the first and after the last audible moment, so that nothing is clipped. */
    private const MARGIN_MS = 10;

    /** Within a word's stretch, a quiet tail at least this long is a pause and not part of the word. */
    private const PAUSE_MS = 60;

    /** So many frames of 10 ms */
    private const EARLY_FRAMES = 3;

    public function __construct(private readonly WordMapper $mapper = new WordMapper)
    {
    }

    /**
     * @param  list<SynthEvent>  $events
     * @return array{sound: Pcm, words: non-empty-list<WordTiming>}
     *
     * @throws SilentTake when nothing is heard, or the text has no words
     */
    public function cut(Pcm $raw, string $text, array $events): array
    {
        $words = ScriptWord::of($text);
        $levels = $raw->levels();
        $peak = $levels === [] ? 0.0 : max($levels);
        if ($words === [] || $peak < 0.001) {
            throw SilentTake::of($text);
        }
        $threshold = $peak * self::SILENCE;
        $audible = array_keys(array_filter($levels, static fn (float $level): bool => $level > $threshold));
        $from = max(0, $audible[0] * 10 - self::MARGIN_MS);
        $until = min($raw->durationMs(), ($audible[count($audible) - 1] + 1) * 10 + self::MARGIN_MS);
        $sound = $raw->between($from, $until);
        $duration = $sound->durationMs();

        $starts = array_map(
            static fn (int $ms): int => min($duration, max(0, $ms - $from)),
            $this->mapper->starts($words, $events, $raw->durationMs()),
        );
        $levels = array_slice($levels, intdiv($from, 10));
        $timed = [];
        foreach ($words as $i => $word) {
            $limit = $starts[$i + 1] ?? $duration;
            $timed[] = new WordTiming(
                $word->text,
                $starts[$i],
                $this->endOf($levels, $starts[$i], $limit, $peak * 4 * self::SILENCE),
            );
        }

        return ['sound' => $sound, 'words' => $timed];
    }

    /**
     * @param  list<float>  $levels
     */
    private function endOf(array $levels, int $start, int $limit, float $threshold): int
    {
        $frame = min(count($levels), intdiv($limit, 10)) - 1;
        // The next word may begin a little before its mark.
        for ($early = 0; $early < self::EARLY_FRAMES && ($levels[$frame] ?? 0.0) > $threshold; $early++) {
            $frame--;
        }
        for (; $frame * 10 > $start && ($levels[$frame] ?? 0.0) <= $threshold; $frame--);
        $end = min($limit, ($frame + 1) * 10);

        return $limit - $end < self::PAUSE_MS + 10 * self::EARLY_FRAMES
            ? $limit
            : max($end, min($limit, $start + self::PAUSE_MS));
    }
}
