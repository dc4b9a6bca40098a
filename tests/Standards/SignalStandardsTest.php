<?php

declare(strict_types=1);

namespace Tests\Standards;

use App\Media\Audio\WavFile;
use PHPUnit\Framework\TestCase;
use RapidReel\Voice\Align\Cosines;
use RapidReel\Voice\Align\Mel;
use Symfony\Component\Process\Process;
use Tests\Support\Sounds;

/** The parts of the aligner against published values, and levels against ffmpeg's meters. */
final class SignalStandardsTest extends TestCase
{
    /**
     * Source: the formula of D. O'Shaughnessy, "Speech communication" (1987); its values as tables of the mel scale
     * give them, from memory.
     */
    public function test_the_mel_scale_has_its_published_values(): void
    {
        foreach (
            [
                0 => 0.0,
                100 => 150.49,
                500 => 607.45,
                1_000 => 999.99,
                2_000 => 1521.36,
                4_000 => 2146.06,
                8_000 => 2840.02,
            ] as $hertz => $mel
        ) {
            self::assertEqualsWithDelta($mel, Mel::ofHertz($hertz), 0.05, "$hertz Hz");
            self::assertEqualsWithDelta($hertz, Mel::toHertz(Mel::ofHertz($hertz)), 1e-6);
        }
    }

    /**
     * Source: the orthonormal DCT-II of 1, 2, 3, 4 as textbooks and the reference libraries of the field give it, from
     * memory.
     */
    public function test_the_cosine_transform_is_orthonormal_and_has_its_published_values(): void
    {
        $matrix = Cosines::matrix(4, 4);
        $transformed = array_map(
            static fn (array $row): float => array_sum(
                array_map(static fn (float $a, int $b): float => $a * $b, $row, [1, 2, 3, 4]),
            ),
            $matrix,
        );
        foreach ([5.0, -2.2304, 0.0, -0.1585] as $k => $value) {
            self::assertEqualsWithDelta($value, $transformed[$k], 0.0001);
        }
        $full = Cosines::matrix(26, 26);
        foreach ([[0, 0], [3, 3], [0, 5], [12, 7]] as [$i, $j]) {
            self::assertEqualsWithDelta(
                $i === $j ? 1.0 : 0.0,
                array_sum(array_map(static fn (float $a, float $b): float => $a * $b, $full[$i], $full[$j])),
                1e-9,
            );
        }
    }

    /** Source: ffmpeg's astats and volumedetect. */
    public function test_levels_are_those_of_another_meter(): void
    {
        $sound = Sounds::joined(
            Sounds::bursts([[700, 0.3]]),
            Sounds::noise(500, 0.05),
            Sounds::bursts([[800, 0.7]], 16_000, 330),
        );
        $file = (string) tempnam(sys_get_temp_dir(), 'wav');
        file_put_contents($file, WavFile::encode($sound));
        $printed = (new Process([
            'ffmpeg', '-hide_banner', '-nostdin', '-i', $file, '-af', 'volumedetect', '-f', 'null', '-',
        ]))
            ->mustRun()
            ->getErrorOutput();
        unlink($file);
        preg_match('/mean_volume: (-?[\d.]+) dB/', $printed, $mean);
        $power = array_map(static fn (float $level): float => $level * $level, $sound->levels());

        self::assertEqualsWithDelta((float) $mean[1], 10 * log10(array_sum($power) / count($power)), 0.1);
    }
}
