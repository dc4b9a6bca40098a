<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

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
        return self::apply($sound, self::factor(SoundCheck::of($sound->pieces())));
    }

    /** By how much all samples are to be multiplied. */
    public static function factor(SoundCheck $check): float
    {
        $speech = SpeechLevels::of($check->levels)->speech;
        $power = 0.0;
        $count = 0;
        foreach ($check->levels as $i => $level) {
            if ($speech[$i]) {
                $power += $level * $level;
                $count++;
            }
        }
        if ($count === 0 || $power <= 0.0) {
            return 1.0;
        }
        $gain = min(
            self::SPEECH_DB - 10 * log10($power / $count),
            self::PEAK_DB - 20 * log10(max(1, $check->peak) / 32_768),
        );

        return abs($gain) < self::LEAST_DB ? 1.0 : 10 ** ($gain / 20);
    }

    public static function apply(Pcm $sound, float $factor): Pcm
    {
        if ($factor === 1.0) {
            return $sound;
        }
        $bytes = '';
        foreach ($sound->pieces() as $piece) {
            $louder = [];
            foreach (Pcm::values($piece->bytes) as $value) {
                $louder[] = (int) max(-32_768, min(32_767, round($value * $factor)));
            }
            $bytes .= Pcm::bytesOf($louder);
        }

        return new Pcm($bytes, $sound->rate);
    }
}
