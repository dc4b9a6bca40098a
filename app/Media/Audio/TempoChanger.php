<?php

declare(strict_types=1);

namespace App\Media\Audio;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\Tempo;

/** Makes speech faster or slower without a change of its pitch (the Rubber Band library, as an ffmpeg filter). */
final readonly class TempoChanger
{
    public function __construct(private MediaTools $tools)
    {
    }

    /**
     * @param  string  $file  WAV, as takes are kept
     * @param  int  $tempo  percent
     * @return Pcm as long as it should be, to the sample
     *
     * @throws ToolFailed
     */
    public function changed(string $file, int $tempo): Pcm
    {
        $sound = WavFile::read($file);
        $bytes = $this->tools->run([
            '-loglevel', 'error', ...$this->tools->input($file), '-af',
            sprintf('rubberband=tempo=%.2F:window=short', $tempo / Tempo::USUAL), '-ar', (string) $sound->rate, '-ac',
            '1', '-f', 's16le', '-',
        ], 'Changing the tempo of the speech')->getOutput();
        $size = 2 * Tempo::scaled($sound->samples(), $tempo);

        return new Pcm(str_pad(substr($bytes, 0, $size), $size, "\0"), $sound->rate);
    }
}
