<?php

declare(strict_types=1);

namespace App\Media\Probing;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;

/** Finds where the picture of a video stands still. */
final readonly class StillFinder
{
    private const WIDTH = 180;

    public function __construct(private MediaTools $tools)
    {
    }

    /**
     * @param  float  $seconds  what lasts no longer is left out
     * @return list<array{int, int}> from when until when, in ms
     *
     * @throws ToolFailed
     */
    public function of(string $video, float $seconds): array
    {
        $said = $this->tools->run([
            '-loglevel', 'info', '-nostats', ...$this->tools->input($video), '-an', '-vf',
            sprintf('scale=%d:-2,freezedetect=n=0.0004:d=%.2f', self::WIDTH, $seconds), '-f', 'null', '/dev/null',
        ], 'Looking for what stands still')->getErrorOutput();

        return FilterTimes::pairs($said, 'freeze_start: ([\d.]+)', 'freeze_end: ([\d.]+)');
    }
}
