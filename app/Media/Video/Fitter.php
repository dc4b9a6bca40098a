<?php

declare(strict_types=1);

namespace App\Media\Video;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Base\Refusal;
use RapidReel\Making\Render\Recipe;

/** Brings a video that is larger than its target takes below that: its pictures encoded again, in two passes. */
final readonly class Fitter
{
    /** Of what is allowed; the rest is for the container and for passes that miss a little. */
    private const SHARE = 0.97;

    /** Bits a pixel; with less, nobody would want to see it (common practice, no published source). */
    private const LEAST = 0.01;

    private const ROUNDS = 3;

    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
    ) {
    }

    /**
     * @param  string  $video  MP4; put back in its place where it was too large
     * @param  int  $most  bytes
     * @param  Recipe  $like  of any of its segments: its size and encoder
     * @return bool whether anything was done
     *
     * @throws Refusal where it cannot be made so small
     * @throws ToolFailed
     * @throws StrangePlace
     */
    public function fit(string $video, int $most, int $frames, Recipe $like): bool
    {
        if (filesize($video) <= $most) {
            return false;
        }
        $seconds = $frames / $like->raster->fps;
        $least = self::LEAST * $like->raster->width * $like->raster->height * $like->raster->fps;
        $folder = $this->store->workFolder();
        try {
            $rate = 8 * self::SHARE * $most / $seconds - $this->soundRate($video, $seconds);
            for ($round = 1; $round <= self::ROUNDS; $round++) {
                if ($rate < $least) {
                    throw self::tooSmall($most, $least * $seconds / 8);
                }
                $this->encode($video, "$folder/fitted.mp4", (int) $rate, $like, $folder);
                $size = (int) filesize("$folder/fitted.mp4");
                if ($size <= $most) {
                    rename("$folder/fitted.mp4", $video);

                    return true;
                }
                $rate *= self::SHARE * $most / $size;
            }
        } finally {
            $this->store->discard($folder);
        }

        throw self::tooSmall($most, $least * $seconds / 8);
    }

    private static function tooSmall(int $most, float $least): Refusal
    {
        return new Refusal(sprintf(
            'The video does not fit into the %.1f MB that the target takes; it needs some %.1f MB. Make it shorter, or '
                .'its frames smaller.',
            $most / 1_000_000, max($least, $most) / 1_000_000,
        ));
    }

    /** @throws ToolFailed */
    private function encode(string $video, string $target, int $rate, Recipe $like, string $folder): void
    {
        // What is asked for by quality is asked for by rate; all else stays.
        $encoder = $like->encoder;
        $at = array_search('-crf', $encoder, true);
        if ($at !== false) {
            array_splice($encoder, (int) $at, 2, [
                '-b:v', (string) $rate, '-maxrate', (string) (2 * $rate), '-bufsize', (string) (4 * $rate),
            ]);
        }
        foreach ([1, 2] as $pass) {
            $this->tools->run([
                '-loglevel', 'error', ...$this->tools->input($video), '-map', '0:v:0', ...$encoder, '-pass',
                (string) $pass, '-passlogfile', 'pass', '-fps_mode', 'passthrough',
                ...$pass === 1
                    ? ['-an', '-f', 'null', '-']
                    : [
                        '-map', '0:a?', '-c:a', 'copy', '-map_metadata', '0', '-video_track_timescale',
                        (string) $like->raster->timescale(), '-movflags', '+faststart', '-f', 'mp4', $target,
                    ],
            ], 'Making the file small enough', $folder);
        }
    }

    /**
     * @return float bits a second
     *
     * @throws ToolFailed
     */
    private function soundRate(string $video, float $seconds): float
    {
        $bytes = $this->tools->run([
            '-loglevel', 'error', ...$this->tools->input($video), '-map', '0:a?', '-c', 'copy', '-f', 'adts', '-',
        ], 'Measuring the sound')->getOutput();

        return 8 * strlen($bytes) / max(0.1, $seconds);
    }
}
