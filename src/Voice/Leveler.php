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
        if ($count === 0 || $power <= 0.0) {
            return $sound;
        }
        $samples = unpack('v*', $sound->bytes) ?: [];
        $peak = 1;
        foreach ($samples as $value) {
            $value = is_int($value) ? ($value > 32_767 ? 65_536 - $value : $value) : 0;
            $peak = $value > $peak ? $value : $peak;
        }
        $gain = min(self::SPEECH_DB - 10 * log10($power / $count), self::PEAK_DB - 20 * log10($peak / 32_768));
        if (abs($gain) < self::LEAST_DB) {
            return $sound;
        }
        $factor = 10 ** ($gain / 20);
        $bytes = '';
        foreach (array_chunk($samples, 32_768) as $chunk) {
            $bytes .= pack('v*', ...array_map(static function ($value) use ($factor): int {
                $value = is_int($value) ? $value : 0;

                return ((int) round(($value > 32_767 ? $value - 65_536 : $value) * $factor)) & 0xFFFF;
            }, $chunk));
        }

        return new Pcm($bytes, $sound->rate);
    }
}
