<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

use InvalidArgumentException;
use RapidReel\Voice\Speech\Pcm;

/**
 * Mel-frequency cepstral coefficients (S. Davis and P. Mermelstein, 1980): 25 ms Hamming windows every 10 ms at 16 kHz,
 * pre-emphasis 0.97, 26 mel bands from 100 to 7000 Hz, 13 coefficients.
 */
final class Cepstra
{
    public const RATE = 16_000;

    public const HOP_MS = 10;

    public const COEFFICIENTS = 13;

    private const HOP = 160;

    private const WINDOW = 400;

    private const POINTS = 512;

    private const BANDS = 26;

    private const EMPHASIS = 0.97;

    /** Samples are read so many frames at a time: a long recording never stands in memory as numbers. */
    private const FRAMES_AT_ONCE = 500;

    /** @var array{Fft, list<float>, list<array{int, list<float>}>, list<list<float>>}|null once they are needed */
    private ?array $tables = null;

    /**
     * @param  float  $floor  added to the power of every band: what is quieter is the same silence in any room
     * @return list<float> all frames one after the other, 13 numbers each
     *
     * @throws InvalidArgumentException when the sound is not at 16 kHz
     */
    public function of(Pcm $sound, float $floor): array
    {
        if ($sound->rate !== self::RATE) {
            throw new InvalidArgumentException('Cepstra are taken at 16 kHz.');
        }
        [$fft, $window, $bands, $cosines] = $this->tables ??= self::tables();
        $all = [];
        $frames = self::frames($sound);
        $padding = array_fill(0, self::POINTS - self::WINDOW, 0.0);
        for ($first = 0; $first < $frames; $first += self::FRAMES_AT_ONCE) {
            $count = min(self::FRAMES_AT_ONCE, $frames - $first);
            $samples = $this->emphasised($sound, $first * self::HOP, ($count - 1) * self::HOP + self::WINDOW);
            for ($frame = 0; $frame < $count; $frame++) {
                $signal = [];
                $at = $frame * self::HOP;
                foreach ($window as $i => $weight) {
                    $signal[] = $samples[$at + $i] * $weight;
                }
                $power = $fft->power([...$signal, ...$padding]);
                $logs = [];
                foreach ($bands as [$bin, $weights]) {
                    $sum = $floor;
                    foreach ($weights as $weight) {
                        $sum += $weight * $power[$bin++];
                    }
                    $logs[] = log($sum);
                }
                foreach ($cosines as $row) {
                    $sum = 0.0;
                    foreach ($row as $band => $cosine) {
                        $sum += $cosine * $logs[$band];
                    }
                    $all[] = $sum;
                }
            }
        }

        return $all;
    }

    public static function frames(Pcm $sound): int
    {
        return max(0, intdiv($sound->samples() - self::WINDOW, self::HOP) + 1);
    }

    /** @return array{Fft, list<float>, list<array{int, list<float>}>, list<list<float>>} window, bands and cosines */
    private static function tables(): array
    {
        return [
            new Fft(self::POINTS),
            array_map(
                static fn (int $i): float => 0.54 - 0.46 * cos((2 * M_PI * $i) / (self::WINDOW - 1)),
                range(0, self::WINDOW - 1),
            ),
            Mel::bands(self::BANDS, 100, 7_000, intdiv(self::POINTS, 2) + 1, self::RATE),
            Cosines::matrix(self::COEFFICIENTS, self::BANDS),
        ];
    }

    /** @return array<int, float> samples with pre-emphasis, so many from one on */
    private function emphasised(Pcm $sound, int $from, int $count): array
    {
        $previous = 0;
        $samples = [];
        foreach (Pcm::values(substr($sound->bytes, 2 * $from, 2 * $count)) as $value) {
            $samples[] = $value - self::EMPHASIS * $previous;
            $previous = $value;
        }
        // The first one of a stretch has no neighbour; it would be a click.
        $samples[0] = $samples[1] ?? 0.0;

        return $samples;
    }
}
