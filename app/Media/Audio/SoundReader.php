<?php

declare(strict_types=1);

namespace App\Media\Audio;

use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\Limits;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Voice\Speech\Pcm;

/** Reads recordings of any kind that ffmpeg knows, as mono samples. */
final readonly class SoundReader
{
    /** Rumble out, and a little of what hisses all the time. */
    private const CLEAN = 'highpass=f=75,afftdn=nr=8:nf=-45';

    private const SHORTEST_MS = 300;

    public function __construct(
        private Prober $prober,
        private MediaTools $tools,
        private MediaStore $store,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls the file
     *
     * @throws UnusableMedia
     * @throws ToolFailed
     * @throws TooMuch
     * @throws TooSlow
     * @throws StrangePlace
     */
    public function read(string $path, string $name, int $rate): Pcm
    {
        $folder = $this->store->workFolder();
        try {
            return $this->open($path, $name, $rate, $folder)->whole();
        } finally {
            $this->store->discard($folder);
        }
    }

    /**
     * Unpacks it into a folder, to be read in parts.
     *
     * @param  string  $name  what the operator calls the file
     * @param  bool  $clean  whether it is to be cleaned gently
     * @param  int|null  $most  seconds that it may last, unless as long as a recording
     *
     * @throws UnusableMedia
     * @throws ToolFailed
     * @throws TooMuch
     * @throws TooSlow
     */
    public function open(
        string $path,
        string $name,
        int $rate,
        string $folder,
        bool $clean = false,
        ?int $most = null,
    ): SoundFile {
        $most ??= (int) config('reel.upload.recording_seconds');
        $ms = $this->prober->soundMs($path, $name, $most);
        if ($ms > 1000 * $most) {
            throw UnusableMedia::isTooLong($name, $ms, $most);
        }
        $this->tools->open(
            [
                '-loglevel', 'error', '-t', (string) ($most + 1), ...$this->tools->input($path), '-map', '0:a:0',
                '-ac', '1',
                ...$clean ? ['-af', self::CLEAN] : [],
                '-ar', (string) $rate, '-f', 's16le', "sound-$rate.raw",
            ],
            $name,
            Limits::ofAWorker(),
            $folder,
        );
        $sound = new SoundFile("$folder/sound-$rate.raw", $rate);
        if ($sound->samples() === 0) {
            throw UnusableMedia::isBroken($name);
        }
        if ($sound->durationMs() < self::SHORTEST_MS) {
            throw UnusableMedia::isTooShort($name, $sound->durationMs());
        }

        return $sound;
    }
}
