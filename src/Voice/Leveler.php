<?php

declare(strict_types=1);

namespace RapidReel\Voice;

/** Brings takes to the same loudness, so that scenes match whoever speaks them. */
final class Leveler
{
    /** Mean power of the frames in which somebody speaks, in dB under full scale. */
    public const SPEECH_DB = -20.0;

    /** No sample comes closer to full scale than this, in dB. */
    private const PEAK_DB = -1.5;

    /** What is changed by less stays as it is. */
    private const LEAST_DB = 0.3;

    public static function level(Pcm $sound): Pcm
    {
        $levels = $sound->levels();
        $speech = SpeechLevels::of($levels)->speech;
        $power = 0.0;
        $count = 0;
        foreach ($levels as $i => $level) {
            if ($speech[$i]) {
                $power += $level * $level;
                $count++;
            }
        }
        $samples = Pcm::values($sound->bytes);
        if ($count === 0 || $power <= 0.0 || $samples === []) {
            return $sound;
        }
        $peak = max(1, max($samples), -min($samples));
        $gain = min(self::SPEECH_DB - 10 * log10($power / $count), self::PEAK_DB - 20 * log10($peak / 32_768));
        if (abs($gain) < self::LEAST_DB) {
            return $sound;
        }
        $factor = 10 ** ($gain / 20);
        $louder = [];
        foreach ($samples as $value) {
            $louder[] = (int) round($value * $factor);
        }

        return new Pcm(Pcm::bytesOf($louder), $sound->rate);
    }
}
