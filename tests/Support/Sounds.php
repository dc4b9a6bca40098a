<?php

declare(strict_types=1);

namespace Tests\Support;

use RapidReel\Voice\Speech\Pcm;

/** Small sounds to test with. */
final class Sounds
{
    /** Tone bursts with silence between: [ms, loudness 0…1] each. */
    public static function bursts(array $parts, int $rate = 16_000, float $hertz = 220.0): Pcm
    {
        $values = [];
        $phase = 0.0;
        foreach ($parts as [$ms, $loudness]) {
            for ($i = 0, $count = intdiv($rate * $ms, 1000); $i < $count; $i++) {
                $phase += 2 * M_PI * $hertz / $rate;
                $values[] = (int) round(32_767 * $loudness * sin($phase));
            }
        }

        return new Pcm(Pcm::bytesOf($values), $rate);
    }

    public static function noise(int $ms, float $loudness, int $rate = 16_000, int $seed = 1): Pcm
    {
        mt_srand($seed);

        return new Pcm(
            Pcm::bytesOf(
                array_map(
                    static fn (): int => (int) round(32_767 * $loudness * ((mt_rand() / mt_getrandmax()) * 2 - 1)),
                    range(1, intdiv($rate * $ms, 1000)),
                ),
            ),
            $rate,
        );
    }

    public static function silence(int $ms, int $rate = 16_000): Pcm
    {
        return new Pcm(str_repeat("\0\0", intdiv($rate * $ms, 1000)), $rate);
    }

    public static function joined(Pcm ...$sounds): Pcm
    {
        return new Pcm(
            implode('', array_map(static fn (Pcm $sound): string => $sound->bytes, $sounds)),
            $sounds[0]->rate,
        );
    }
}
