<?php

declare(strict_types=1);

namespace App\Media;

use RapidReel\Sound\Loudness;

/** Measures with ffmpeg's EBU R 128 meter. */
final readonly class LoudnessMeter
{
    public function __construct(private MediaTools $tools) {}

    public function file(string $path): Loudness
    {
        $process = $this->tools->run(
            ['-nostats', ...$this->tools->input($path), '-map', '0:a:0', '-af', 'ebur128=peak=true:framelog=quiet', '-f', 'null', '-'],
            'Measuring the sound',
        );

        return self::read($process->getErrorOutput());
    }

    /** What the meter printed at its end. */
    public static function read(string $printed): Loudness
    {
        $summary = (string) strrchr($printed, 'Integrated loudness');
        $at = strrpos($printed, 'Integrated loudness');
        $summary = $at === false ? $summary : substr($printed, $at);
        preg_match('/I:\s*(-?[\d.]+|-?inf|nan)\s*LUFS/', $summary, $loudness);
        preg_match('/Peak:\s*(-?[\d.]+|-?inf)\s*dBFS/', $summary, $peak);

        return new Loudness(self::number($loudness[1] ?? ''), self::number($peak[1] ?? ''));
    }

    private static function number(string $printed): float
    {
        return is_numeric($printed) ? (float) $printed : -120.0;
    }
}
