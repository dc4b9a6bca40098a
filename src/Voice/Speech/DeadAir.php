<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

/**
 * Shortens the pauses inside a take. Only what lies between two words and is quiet is cut, never a sample of a word's
 * span; joints are cross-faded, and the words move with the cuts exactly.
 */
final class DeadAir
{
    /** A pause is brought to this (common practice, no published source). */
    public const USUAL_MS = 120;

    /** Over a joint the end of one side fades into the beginning of the other, equal power. */
    private const FADE_MS = 8;

    /** A pause that is longer by less is left alone: nobody would hear the difference. */
    public const LEAST_CUT_MS = 20;

    /**
     * Quiet stretches between words, at least so long.
     *
     * @param  non-empty-list<WordTiming>  $words
     * @return list<Pause> in order
     */
    public static function pauses(Pcm $sound, array $words, int $longerThanMs): array
    {
        $speech = SpeechLevels::of($sound->levels())->speech;
        $pauses = [];
        foreach (array_slice($words, 1) as $i => $next) {
            [$from, $until] = [$words[$i]->endMs, $next->startMs];
            $quiet = self::quiet($speech, $from, $until);
            if ($quiet !== null && $longerThanMs < $quiet[1] - $quiet[0]) {
                $pauses[] = new Pause($i, $quiet[0], $quiet[1]);
            }
        }

        return $pauses;
    }

    /**
     * @param  non-empty-list<WordTiming>  $words
     * @param  int  $keepMs  what is left of a pause
     * @param  list<int>  $keptPauses  numbers of words after which the pause stays as it is
     * @return array{sound: Pcm, words: non-empty-list<WordTiming>, saved: int} saved ms
     */
    public static function cut(Pcm $sound, array $words, int $keepMs, array $keptPauses = []): array
    {
        $bytes = '';
        $at = 0;
        $removed = array_fill(0, count($words), 0);
        foreach (self::pauses($sound, $words, $keepMs + self::LEAST_CUT_MS) as $pause) {
            if (in_array($pause->afterWord, $keptPauses, true)) {
                continue;
            }
            [$from, $until] = self::middle($pause, $keepMs, $sound->rate);
            $fade = min($sound->sampleAt(self::FADE_MS), $sound->sampleAt(intdiv($keepMs, 2)), $until - $from);
            $bytes .= substr($sound->bytes, 2 * $at, 2 * ($from - $fade - $at));
            $bytes .= self::crossFade(
                substr($sound->bytes, 2 * ($from - $fade), 2 * $fade),
                substr($sound->bytes, 2 * ($until - $fade), 2 * $fade),
            );
            $at = $until;
            $removed[$pause->afterWord] = $until - $from;
        }
        $bytes .= substr($sound->bytes, 2 * $at);
        $tight = new Pcm($bytes, $sound->rate);
        $moved = [];
        $gone = 0;
        foreach ($words as $i => $word) {
            $ms = (int) round($gone * 1000 / $sound->rate);
            // The end of the sound is rounded to a millisecond too.
            $moved[] = new WordTiming(
                $word->text,
                min($tight->durationMs(), $word->startMs - $ms),
                min($tight->durationMs(), $word->endMs - $ms),
            );
            $gone += $removed[$i];
        }

        return ['sound' => $tight, 'words' => $moved, 'saved' => (int) round($gone * 1000 / $sound->rate)];
    }

    /** How many samples of a pause go where so much of it is kept. */
    public static function removed(Pause $pause, int $keepMs, int $rate): int
    {
        if ($pause->endMs - $pause->startMs <= $keepMs + self::LEAST_CUT_MS) {
            return 0;
        }
        [$from, $until] = self::middle($pause, $keepMs, $rate);

        return $until - $from;
    }

    /**
     * What goes is the middle of the pause: how a word dies away and how the next begins stay.
     *
     * @return array{int, int} samples
     */
    private static function middle(Pause $pause, int $keepMs, int $rate): array
    {
        return [
            (int) round(($pause->startMs + intdiv($keepMs, 2)) * $rate / 1000),
            (int) round(($pause->endMs - ($keepMs - intdiv($keepMs, 2))) * $rate / 1000),
        ];
    }

    /**
     * The longest stretch without speech between two moments.
     *
     * @param  list<bool>  $speech  for every 10 ms
     * @return array{int, int}|null ms
     */
    private static function quiet(array $speech, int $from, int $until): ?array
    {
        $best = null;
        $since = null;
        for ($frame = intdiv($from + 9, 10), $end = intdiv($until, 10); $frame <= $end; $frame++) {
            if ($frame < $end && ! ($speech[$frame] ?? false)) {
                $since ??= $frame;
            } elseif ($since !== null) {
                if ($best === null || $frame - $since > $best[1] - $best[0]) {
                    $best = [$since, $frame];
                }
                $since = null;
            }
        }

        return $best === null ? null : [$best[0] * 10, $best[1] * 10];
    }

    /** Two stretches of the same length as one: the first fades out while the second fades in. */
    private static function crossFade(string $out, string $in): string
    {
        $outs = Pcm::values($out);
        $ins = Pcm::values($in);
        $count = count($outs);
        $mixed = [];
        foreach ($outs as $i => $value) {
            $turn = M_PI / 2 * ($i - 0.5) / $count;
            $mixed[] = (int) max(-32_768, min(32_767, round($value * cos($turn) + ($ins[$i] ?? 0) * sin($turn))));
        }

        return Pcm::bytesOf($mixed);
    }
}
