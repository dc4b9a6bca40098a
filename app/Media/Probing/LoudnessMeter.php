<?php

declare(strict_types=1);

namespace App\Media\Probing;

use App\Media\Process\Limits;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use RapidReel\Making\Mix\Loudness;
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
     * Listens to what was brought, no further than it may be long.
     *
     * @param  string  $name  what the operator calls the file
     * @param  int  $most  seconds
     * @return array{Loudness, int} how loud it is, and how many ms of it are there
     *
     * @throws UnusableMedia when it cannot be read
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    public function brought(string $path, string $name, int $most): array
    {
        $process = $this->tools->open(
            ['-progress', 'pipe:1', ...$this->arguments($path, $most)], $name, Limits::ofAReading(),
        );
        if (! $process->isSuccessful()) {
            throw UnusableMedia::isSilent($name);
        }

        return [self::read($process->getErrorOutput()), Prober::toldMs($process)];
    }

    /**
     * How loud what was brought is from moment to moment (ITU-R BS.1770, momentary: over the 400 ms before).
     *
     * @param  string  $name  what the operator calls the file
     * @param  int  $most  seconds that are listened to
     * @param  float  $padS  silence after it, so that what is shorter than a moment can be measured, too
     * @return list<float> in LUFS, every 100 ms
     *
     * @throws UnusableMedia when it cannot be read
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    public function moments(string $path, string $name, int $most, float $padS = 0.0): array
    {
        $process = $this->tools->open([
            '-nostats', '-t', (string) $most, ...$this->tools->input($path), '-map', '0:a:0', '-af',
            ($padS > 0 ? sprintf('apad=pad_dur=%.2f,', $padS) : '').'ebur128=framelog=info', '-f', 'null', '-',
        ], $name, Limits::ofAReading());

        return $process->isSuccessful()
            ? self::momentsOf($process->getErrorOutput())
            : throw UnusableMedia::isSilent($name);
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

    /** A filter that tells every moment under a name of its own, so that several can listen at once. */
    public static function named(string $meter): string
    {
        return "ebur128@$meter=framelog=info";
    }

    /** @return string what one of several meters printed */
    public static function of(string $meter, string $printed): string
    {
        preg_match_all("/^\\[ebur128@$meter @ [^\n]*\n(?:(?!\\[)[^\n]*\n?)*/m", $printed."\n", $found);

        return implode('', $found[0]);
    }

    public function measuring(string $path): Process
    {
        return $this->tools->light($this->arguments($path));
    }

    /** @return list<string> */
    private function arguments(string $path, ?int $most = null): array
    {
        return [
            '-nostats', ...$most === null ? [] : ['-t', (string) $most], ...$this->tools->input($path), '-map', '0:a:0',
            '-af', 'ebur128=peak=true:framelog=verbose', '-f', 'null', '-',
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
