<?php

declare(strict_types=1);

namespace App\Media\Probing;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;

/** Compares a finished video with its plan before anybody is told that it is done. */
final readonly class VideoInspector
{
    /** The sound's last packet may end a little after the picture, and its first begins a little before (AAC). */
    private const SOUND_SLACK = 0.06;

    public function __construct(private MediaTools $tools)
    {
    }

    /**
     * @throws NotAsPlanned
     * @throws ToolFailed
     * @throws TooMuch
     * @throws TooSlow
     */
    public function compare(string $file, int $frames, float $seconds): void
    {
        // Every shot begins with a picture of its own, from which the rest of it is told: those and all of the sound
        // are decoded while packets are counted. What stands between is as its encoder wrote it, by its seal.
        $look = $this->tools->ffmpeg([
            '-loglevel', 'error', '-xerror', '-skip_frame', 'nokey', ...$this->tools->input($file),
            ...$this->tools->input($file), '-map', '0:v:0', '-f', 'null', '-', '-map', '1:a:0', '-f', 'null', '-',
        ]);
        $look->start();
        try {
            $found = $this->packets($file);
            $there = (int) ($found['video']['nb_read_packets'] ?? 0);
            if ($there !== $frames) {
                throw NotAsPlanned::because("$there of $frames frames");
            }
            $sounds = (float) ($found['audio']['duration'] ?? 0);
            if (abs($sounds - $seconds) > self::SOUND_SLACK) {
                throw NotAsPlanned::because(sprintf('%.2f s of sound for %.2f s', $sounds, $seconds));
            }
            $decoded = MediaTools::toItsEnd($look, 'Looking through the finished video');
            if (! $decoded->isSuccessful() || trim($decoded->getErrorOutput()) !== '') {
                throw NotAsPlanned::because('it cannot be decoded to its end');
            }
        } finally {
            $look->stop(0);
        }
    }

    /**
     * @return array<string, array<string, mixed>> by kind of stream
     *
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    private function packets(string $file): array
    {
        $process = $this->tools->probe([
            '-v', 'error', '-count_packets', '-show_entries', 'stream=codec_type,nb_read_packets,duration', '-of',
            'json',
            ...$this->tools->input($file),
        ]);
        $data = json_decode($process->getOutput(), true);
        $streams = is_array($data) && is_array($data['streams'] ?? null) ? $data['streams'] : [];

        return array_column(array_filter($streams, is_array(...)), null, 'codec_type');
    }
}
