<?php

declare(strict_types=1);

namespace RapidReel\Demo;

use RuntimeException;
use Symfony\Component\Process\Process;

/** Makes the effects that ship: noise through turning filters, partials and knocks, each a second or three long. */
final class Foley
{
    private const RATE = 48_000;

    private int $seed = 1;

    /** @return list<float> samples of one, −1…1 at its loudest */
    public function make(string $name): array
    {
        // The same every time it is made.
        $this->seed = crc32($name);
        $sound = match ($name) {
            'whoosh' => $this->swept(0.75, static fn (float $t): float => 350 + 3_600 * sin(M_PI * $t) ** 2, 1.4,
                static fn (float $t): float => sin(M_PI * $t ** 0.8) ** 2),
            'hit' => self::sum(
                $this->turning(0.9, static fn (float $t): float => 46 + 90 * exp(-26 * $t), 5.5),
                $this->swept(0.9, static fn (): float => 900, 0.7, static fn (float $t): float => 0.5 * exp(-38 * $t)),
            ),
            'rise' => self::sum(
                $this->swept(2.0, static fn (float $t): float => 300 + 5_000 * $t ** 2.2, 2.0,
                    static fn (float $t): float => $t ** 1.6 * min(1, (1 - $t) * 40)),
                $this->turning(2.0, static fn (float $t): float => 110 * 2 ** (2.2 * $t), -1.2),
            ),
            'bell' => $this->struck(
                2.6, 523, [1, 2.0, 2.4, 3.0, 4.5, 5.33, 6.67], [1, 0.6, 0.5, 0.3, 0.25, 0.2, 0.1], 3.2,
            ),
            'chime' => $this->struck(1.8, 1_318, [1, 2.76, 5.4], [1, 0.4, 0.16], 4.2),
            'click' => $this->swept(0.06, static fn (): float => 3_200, 1.2,
                static fn (float $t): float => exp(-26 * $t)),
            'tick' => self::sum(
                $this->struck(0.14, 2_100, [1, 1.7], [1, 0.5], 34),
                $this->swept(0.14, static fn (): float => 5_200, 1.0,
                    static fn (float $t): float => 0.4 * exp(-60 * $t)),
            ),
            'page' => $this->swept(0.5, static fn (float $t): float => 2_400 + 2_600 * $t, 0.6,
                fn (float $t): float => sin(M_PI * $t) * (0.35 + 0.65 * abs(sin(23 * $t) * sin(61 * $t)))),
            'splash' => $this->swept(1.5, static fn (float $t): float => 2_600 * exp(-1.8 * $t) + 380, 0.5,
                fn (float $t): float => min(1, 30 * $t) * exp(-4.2 * $t) * (0.6 + 0.4 * abs(sin(90 * $t ** 0.6)))),
            'creak' => $this->creak(),
            'wind' => $this->swept(3.0, static fn (float $t): float => 420 + 240 * sin(2 * M_PI * 1.3 * $t), 2.6,
                static fn (float $t): float => sin(M_PI * $t) ** 0.7 * (0.7 + 0.3 * sin(2 * M_PI * 2.1 * $t))),
            'horn' => $this->horn(),
            'rumble' => $this->swept(2.6, static fn (): float => 75, 0.9,
                static fn (float $t): float => min(1, 12 * $t) * exp(-2.4 * $t) * (0.7 + 0.3 * sin(34 * $t))),
            'drop' => $this->turning(1.4, static fn (float $t): float => 30 + 150 * (1 - $t) ** 2.4, 1.6),
            default => throw new RuntimeException("There is no effect “{$name}”."),
        };

        return self::finished($sound);
    }

    /** @return string where it was written, FLAC */
    public function write(string $name, string $folder): string
    {
        $bytes = '';
        foreach (array_chunk($this->make($name), 8_192) as $chunk) {
            $bytes .= pack('v*', ...array_map(static fn (float $x): int => (int) round(32_000 * $x) & 0xFFFF, $chunk));
        }
        $process = new Process([
            'ffmpeg', '-hide_banner', '-nostdin', '-loglevel', 'error', '-y', '-f', 's16le', '-ar', (string) self::RATE,
            '-ac', '1', '-i', '-', '-c:a', 'flac', '-compression_level', '12', '-map_metadata', '-1', '-fflags',
            '+bitexact', "$folder/$name.flac",
        ], input: $bytes, timeout: 60);
        $process->run();
        if (! $process->isSuccessful()) {
            throw new RuntimeException('An effect could not be written: '.$process->getErrorOutput());
        }

        return "$folder/$name.flac";
    }

    /**
     * Noise through a band that moves.
     *
     * @param  callable(float): float  $middle  of the band in Hz, by the share of the time that has gone
     * @param  callable(float): float  $level  by the same
     * @return list<float>
     */
    private function swept(float $seconds, callable $middle, float $quality, callable $level): array
    {
        [$low, $band] = [0.0, 0.0];
        $out = [];
        $count = (int) ($seconds * self::RATE);
        for ($n = 0; $n < $count; $n++) {
            $t = $n / $count;
            // A state variable filter (H. Chamberlin, "Musical applications of microprocessors", 1985).
            $f = 2 * sin(M_PI * min(9_000, $middle($t)) / self::RATE);
            $low += $f * $band;
            $band += $f * ($this->noise() - $low - $band / $quality);
            $out[] = $level($t) * $band;
        }

        return $out;
    }

    /**
     * A tone that glides.
     *
     * @param  callable(float): float  $hertz  by the share of the time that has gone
     * @param  float  $fall  how fast it fades; below 0 it grows
     * @return list<float>
     */
    private function turning(float $seconds, callable $hertz, float $fall): array
    {
        $phase = 0.0;
        $out = [];
        $count = (int) ($seconds * self::RATE);
        for ($n = 0; $n < $count; $n++) {
            $t = $n / $count;
            $phase += 2 * M_PI * $hertz($t) / self::RATE;
            $level = $fall >= 0 ? exp(-$fall * $t) : $t ** -$fall * min(1, (1 - $t) * 40);
            $out[] = $level * (sin($phase) + 0.25 * sin(2 * $phase));
        }

        return $out;
    }

    /**
     * Partials of something struck, the higher ones gone sooner.
     *
     * @param  list<float>  $partials
     * @param  list<float>  $strengths
     * @return list<float>
     */
    private function struck(float $seconds, float $hertz, array $partials, array $strengths, float $fall): array
    {
        $out = array_fill(0, (int) ($seconds * self::RATE), 0.0);
        foreach ($partials as $i => $partial) {
            foreach ($out as $n => $value) {
                $t = $n / self::RATE;
                $out[$n] = $value + $strengths[$i] * exp(-$fall * (0.5 + 0.5 * $partial) * $t / 1.4)
                    * sin(2 * M_PI * $hertz * $partial * $t);
            }
        }

        return $out;
    }

    /** @return list<float> wood that sticks and slips, slower and slower */
    private function creak(): array
    {
        $out = array_fill(0, (int) (1.2 * self::RATE), 0.0);
        for ($at = 0.03; $at < 1.05; $at += 0.009 + 0.028 * $at * (0.8 + 0.4 * abs($this->noise()))) {
            $first = (int) ($at * self::RATE);
            $pitch = 520 + 260 * $at + 60 * $this->noise();
            for ($n = 0; $n < 2_400 && isset($out[$first + $n]); $n++) {
                $out[$first + $n] += sin(M_PI * $at) * exp(-$n / 260) * sin(2 * M_PI * $pitch * $n / self::RATE);
            }
        }

        return $out;
    }

    /** @return list<float> */
    private function horn(): array
    {
        $out = [];
        $count = (int) (2.4 * self::RATE);
        for ($n = 0; $n < $count; $n++) {
            $t = $n / $count;
            $phase = 2 * M_PI * (98 - 3 * $t) * $n / self::RATE;
            $tone = 0.0;
            for ($k = 1; $k <= 9; $k++) {
                $tone += sin($k * $phase) / $k ** 1.25;
            }
            $out[] = min(1, 9 * $t) * min(1, 4 * (1 - $t)) * ($tone + 0.06 * $this->noise());
        }

        return $out;
    }

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     * @return list<float>
     */
    private static function sum(array $one, array $other): array
    {
        return array_map(static fn (float $a, float $b): float => $a + $b, $one, $other);
    }

    /**
     * At its loudest as loud as may be, and silent at both ends.
     *
     * @param  list<float>  $sound
     * @return list<float>
     */
    private static function finished(array $sound): array
    {
        $peak = max(1e-9, max([0.0, ...$sound]), -min([0.0, ...$sound]));
        $count = count($sound);

        return array_map(
            static fn (float $x, int $n): float => 0.89 * $x / $peak * min(1, $n / 96, ($count - 1 - $n) / 480),
            $sound,
            array_keys($sound),
        );
    }

    /** @return float −1…1 */
    private function noise(): float
    {
        // Linear congruence (Numerical Recipes): enough for noise, and the same on every machine.
        $this->seed = ($this->seed * 1_664_525 + 1_013_904_223) & 0xFFFFFFFF;

        return $this->seed / 0x7FFFFFFF - 1;
    }
}
