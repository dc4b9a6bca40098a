<?php

declare(strict_types=1);

namespace App\Media;

use RapidReel\Sound\Loudness;
use Symfony\Component\Process\Process;

/** Measures with ffmpeg's EBU R 128 meter. */
final readonly class LoudnessMeter
{
    public function __construct(private MediaTools $tools)
    {
    }

    /** @throws ToolFailed */
    public function file(string $path): Loudness
    {
        return self::read($this->tools->run($this->arguments($path), 'Measuring the sound')->getErrorOutput());
    }

    /**
     * How loud it is from moment to moment (ITU-R BS.1770, momentary: over the 400 ms before).
     *
     * @param  float  $padS  silence after it, so that what is shorter than a moment can be measured, too
     * @return list<float> in LUFS, every 100 ms
     *
     * @throws ToolFailed
     */
    public function moments(string $path, float $padS = 0.0): array
    {
        return self::momentsOf($this->tools->run([
            '-nostats', ...$this->tools->input($path), '-map', '0:a:0', '-af',
            ($padS > 0 ? sprintf('apad=pad_dur=%.2f,', $padS) : '').'ebur128=framelog=info', '-f', 'null', '-',
        ], 'Measuring the sound')->getErrorOutput());
    }

    /**
     * @param  string  $printed  by a meter that tells every moment
     * @return list<float> in LUFS, every 100 ms
     */
    public static function momentsOf(string $printed): array
    {
        preg_match_all('/\bM:\s*(-?[\d.]+|-?inf|nan)/', $printed, $found);

        return array_map(self::number(...), $found[1]);
    }

    public function measuring(string $path): Process
    {
        return $this->tools->ffmpeg($this->arguments($path));
    }

    /** @return list<string> */
    private function arguments(string $path): array
    {
        return [
            '-nostats', ...$this->tools->input($path), '-map', '0:a:0', '-af', 'ebur128=peak=true:framelog=verbose',
            '-f', 'null', '-',
        ];
    }

    /** What the meter printed at its end. */
    public static function read(string $printed): Loudness
    {
        $at = strrpos($printed, 'Integrated loudness');
        $summary = $at === false ? '' : substr($printed, $at);
        preg_match('/I:\s*(-?[\d.]+|-?inf|nan)\s*LUFS/', $summary, $loudness);
        preg_match('/Peak:\s*(-?[\d.]+|-?inf)\s*dBFS/', $summary, $peak);

        return new Loudness(self::number($loudness[1] ?? ''), self::number($peak[1] ?? ''));
    }

    private static function number(string $printed): float
    {
        return is_numeric($printed) ? (float) $printed : -120.0;
    }
}
