<?php

declare(strict_types=1);

namespace App\Media\Video;

use App\Media\Probing\ProbedMedia;
use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\KeptFiles;
use App\Media\Store\KeyedLock;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Footage\FootageKind;

/**
 * Clips and stills where renderers look for them, by the hash of their content: as they are where they are seen right
 * so, and else turned, made square and brought to BT.709 once.
 */
final readonly class Sources
{
    public function __construct(
        private MediaStore $store,
        private KeptFiles $kept,
        private Prober $prober,
        private MediaTools $tools,
        private KeyedLock $locks,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls it
     * @param  string|null  $seal  size and hash that its file should have, if they are known
     *
     * @throws ChangedFootage
     * @throws ToolFailed
     * @throws StrangePlace
     */
    public function lay(string $key, string $file, string $name, ?string $seal = null): void
    {
        if ($this->isLaid($key, $seal)) {
            return;
        }
        // Two exports that need the same clip: one brings it to its form, the other waits for that.
        $this->locks->hold("source-$key", function () use ($key, $file, $name, $seal): void {
            $this->isLaid($key, $seal) || $this->put($key, $file, $name, $seal);
        });
    }

    /** @throws StrangePlace */
    private function isLaid(string $key, ?string $seal): bool
    {
        $place = $this->store->source($key);

        // One that was made plain has a seal of its own; another name for a file changes when that does.
        return is_file("$place.seal") ? $this->kept->isRight($place) : KeptFiles::agrees($place, $seal);
    }

    /**
     * @throws UnusableMedia
     * @throws ToolFailed
     * @throws StrangePlace
     * @throws ChangedFootage
     * @throws Refusal
     */
    private function put(string $key, string $file, string $name, ?string $seal): void
    {
        $place = $this->store->source($key);
        if (! KeptFiles::agrees($file, $seal)) {
            throw new ChangedFootage($name);
        }
        $found = $this->prober->glance($file, $name);
        $folder = $this->store->workFolder();
        try {
            if (! $found->isPlain()) {
                $this->kept->put($this->plain($file, $found, $folder), $place);

                return;
            }
            // On the same disk another name for the same content costs nothing.
            $this->store->share($file, "$folder/source");
            // What was written anew as it came in is of another content than what it goes by: its seal tells.
            $this->kept->put("$folder/source", $place);
            if (KeptFiles::hashOf(KeptFiles::sealOf($place)) === $key) {
                @unlink("$place.seal");
            }
        } finally {
            $this->store->discard($folder);
        }
    }

    /**
     * The same pictures, to be seen by anybody.
     *
     * @return string the file
     *
     * @throws ToolFailed
     */
    public function plain(string $file, ProbedMedia $found, string $folder): string
    {
        $filters = implode(',', $found->look->filters());
        // The reader's own turning would come on top of ours.
        $head = [
            '-loglevel', 'error', ...$found->readerOptions(), ...$this->tools->input($file), '-map',
            "0:{$found->stream}",
        ];
        if ($found->kind === FootageKind::Still) {
            $this->tools->run(
                [...$head, '-vf', $filters.',format=rgb24', '-frames:v', '1', '-update', '1', 'plain.png'],
                'Reading a still',
                $folder,
            );

            return "$folder/plain.png";
        }
        $start = 'setpts=PTS-STARTPTS';
        $this->tools->run(
            [
                ...$head, '-vf',
                ($filters === '' ? '' : "$filters,")."$start,scale=out_color_matrix=bt709:out_range=tv,"
                    .'format=yuv420p,setparams=range=tv:color_primaries=bt709:color_trc=bt709:colorspace=bt709',
                '-fps_mode', 'passthrough', '-an', '-sn', '-dn', '-map_metadata', '-1', '-c:v', 'libx264', '-preset',
                'veryfast', '-crf', '12', '-video_track_timescale', '90000', 'plain.mp4',
            ],
            'Converting a clip',
            $folder,
        );

        return "$folder/plain.mp4";
    }
}
