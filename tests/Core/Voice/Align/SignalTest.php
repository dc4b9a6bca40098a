<?php

declare(strict_types=1);

namespace Tests\Core\Voice\Align;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use RapidReel\Voice\Align\Cepstra;
use RapidReel\Voice\Align\Fft;
use RapidReel\Voice\Align\Mel;
use RapidReel\Voice\Align\Resampler;
use RapidReel\Voice\Align\Warp;
use RapidReel\Voice\Speech\Pcm;
use Tests\Support\Sounds;

final class SignalTest extends TestCase
{
    public function test_the_spectrum_is_that_of_the_transform_written_out(): void
    {
        mt_srand(7);
        $signal = array_map(static fn (): float => mt_rand(-1000, 1000) / 1000, range(1, 512));
        $power = (new Fft(512))->power($signal);

        self::assertCount(257, $power);
        foreach ([0, 1, 2, 63, 64, 128, 200, 255, 256] as $k) {
            $re = $im = 0.0;
            foreach ($signal as $n => $value) {
                $re += $value * cos(2 * M_PI * $k * $n / 512);
                $im -= $value * sin(2 * M_PI * $k * $n / 512);
            }
            self::assertEqualsWithDelta($re * $re + $im * $im, $power[$k], 1e-6, "at $k");
        }
    }

    public function test_only_lengths_that_are_provided_for_are_taken(): void
    {
        $this->expectException(InvalidArgumentException::class);
        new Fft(500);
    }

    public function test_every_frequency_between_the_outer_bands_counts_once(): void
    {
        $weights = array_fill(0, 257, 0.0);
        $bands = Mel::bands(26, 100, 7_000, 257, 16_000);
        foreach ($bands as [$first, $band]) {
            foreach ($band as $i => $weight) {
                $weights[$first + $i] += $weight;
            }
        }

        self::assertCount(26, $bands);
        for ($bin = 8; $bin < 200; $bin++) {
            self::assertEqualsWithDelta(1.0, $weights[$bin], 1e-9, "bin $bin");
        }
        self::assertSame(0.0, $weights[0] + $weights[256]);
    }

    public function test_a_tone_keeps_its_pitch_loudness_and_length_at_another_rate(): void
    {
        foreach ([[22_050, 16_000], [48_000, 16_000], [8_000, 16_000], [96_000, 48_000]] as [$from, $to]) {
            $tone = Sounds::bursts([[1_000, 0.5]], $from, 440);
            $other = Resampler::to($tone, $to);
            self::assertEqualsWithDelta(1_000, $other->durationMs(), 1);
            $levels = $other->levels();
            self::assertEqualsWithDelta(0.5 / sqrt(2), $levels[50], 0.01, "$from to $to");
            $crossings = 0;
            $before = 0;
            foreach (Pcm::values($other->bytes) as $value) {
                $crossings += $before < 0 && $value >= 0 ? 1 : 0;
                $before = $value;
            }
            self::assertEqualsWithDelta(440, $crossings, 2);
        }
        self::assertSame('', Resampler::to(new Pcm('', 8_000), 16_000)->bytes);
    }

    public function test_cepstra_of_the_same_sound_louder_differ_in_the_first_alone(): void
    {
        $cepstra = new Cepstra;
        $soft = $cepstra->of(Sounds::noise(200, 0.1), 1e-6);
        $loud = $cepstra->of(Sounds::noise(200, 0.4), 1e-6);

        self::assertCount(13 * Cepstra::frames(Sounds::noise(200, 0.1)), $soft);
        self::assertGreaterThan(2, abs($loud[13] - $soft[13]));
        for ($k = 14; $k < 26; $k++) {
            self::assertEqualsWithDelta($soft[$k], $loud[$k], 0.02);
        }
    }

    public function test_the_way_through_two_sequences_is_the_shortest(): void
    {
        $a = [0.0, 1.0, 2.0, 3.0, 4.0];
        $b = [0.0, 0.0, 1.0, 2.0, 2.0, 2.0, 4.0];
        $path = Warp::path($a, $b, 1, array_fill(0, 5, [0, 6]));

        self::assertSame([0, 2, 3], [$path->firsts[0], $path->firsts[1], $path->firsts[2]]);
        self::assertSame([1, 2], [$path->lasts[0], $path->lasts[1]]);
        self::assertSame(6, $path->lasts[4]);
        self::assertSame([0.0, 0.0, 0.0], array_slice($path->distances, 0, 3));
        for ($i = 1; $i < 5; $i++) {
            self::assertContains($path->firsts[$i] - $path->lasts[$i - 1], [0, 1], 'no frame is passed over');
        }
    }

    public function test_a_band_holds_the_way_to_it(): void
    {
        $path = Warp::path([0.0, 1.0, 2.0], [0.0, 1.0, 2.0], 1, [[0, 0], [1, 1], [2, 2]]);

        self::assertSame([[0, 1, 2], [0, 1, 2]], [$path->firsts, $path->lasts]);
    }
}
