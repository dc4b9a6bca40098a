<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

/** How far a voice stands over what is under it, second by second. */
final class Clearness
{
    /** A voice is clear over music that is so much quieter (common practice, no published source). */
    public const CLEAR_DB = 12.0;

    /** A little more is asked for: what is measured before is not quite what is heard after. */
    private const ROOM_DB = 0.7;

    /** What stands so far under the loudest of the voice is no speech. */
    private const SPEECH_DB = 25.0;

    private const MOST_DB = 18.0;

    /**
     * @param  list<float>  $moments  loudness of the 400 ms before every 100 ms, in LUFS
     * @param  float  $gain  added to all, in dB
     * @return list<float> loudness of every second
     */
    public static function seconds(array $moments, float $gain = 0.0): array
    {
        $seconds = [];
        foreach (array_chunk($moments, 10) as $ten) {
            // What of its moments is mostly of the second before is left out.
            $ten = count($ten) > 4 ? array_slice($ten, 2) : $ten;
            $power = array_sum(array_map(static fn (float $one): float => 10 ** ($one / 10), $ten)) / count($ten);
            $seconds[] = $power <= 1e-12 ? -120.0 : 10 * log10($power) + $gain;
        }

        return $seconds;
    }

    /**
     * The line lowered where the music would come too near to the voice.
     *
     * @param  list<float>  $voice  loudness of the voice in every second, in LUFS
     * @param  list<float>  $music  the same of the music at no level of its own
     */
    public static function kept(LevelLine $line, array $voice, array $music): LevelLine
    {
        $needs = array_map(
            static fn (?float $clear): float => $clear === null
                ? 0.0
                : min(self::MOST_DB, max(0.0, self::CLEAR_DB + self::ROOM_DB - $clear)),
            self::of($line, $voice, $music),
        );
        if (array_filter($needs) === []) {
            return $line;
        }
        $points = [];
        for ($i = 0; $i <= count($needs); $i++) {
            $points[] = [1000 * $i, -max($needs[$i - 1] ?? 0.0, $needs[$i] ?? 0.0)];
        }

        return $line->plus(new LevelLine($points));
    }

    /**
     * @param  list<float>  $voice
     * @param  list<float>  $music
     * @return list<float|null> by how much the voice is louder in every second, in dB; null where nobody speaks
     */
    public static function of(LevelLine $line, array $voice, array $music): array
    {
        $loudest = max([-70.0, ...$voice]);
        $found = [];
        foreach ($voice as $second => $loudness) {
            $levels = array_map(
                static fn (int $ms): float => $line->at(1000 * $second + $ms),
                [100, 300, 500, 700, 900],
            );
            $found[] = $loudness < $loudest - self::SPEECH_DB
                ? null
                : $loudness - ($music[$second] ?? -70.0) - max($levels);
        }

        return $found;
    }
}
