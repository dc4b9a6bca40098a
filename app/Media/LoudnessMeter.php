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
