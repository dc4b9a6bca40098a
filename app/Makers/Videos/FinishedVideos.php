<?php

declare(strict_types=1);

namespace App\Makers\Videos;

use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Base\Plain;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Segment;
use RapidReel\Plan\Cut\Cut;

/**
 * Finished videos and their posters by what they are made of: what is exported again unchanged need not be joined and
 * looked through again. They are other names for the files of exports and go with the last of these.
 */
final readonly class FinishedVideos
{
    private const ROOM = 'videos';

    /** Raised whenever the same parts are joined otherwise than before. */
    private const VERSION = 1;

    public function __construct(
        private MediaStore $store,
        private KeptFiles $kept,
    ) {
    }

    /** @param  list<Segment>  $segments */
    public static function key(Cut $cut, MixPlan $mix, array $segments, Quality $quality): string
    {
        return Plain::hash(
            self::VERSION, array_column($segments, 'key'), $mix->key(), $cut->title, $cut->over->progress,
            $cut->over->introOutro->openingMs(), $cut->found->hookMs,
            ...$quality !== Quality::Final || $cut->form->target->file->most === null
                ? []
                : [$cut->form->target->file->most],
        );
    }

    /**
     * Puts both where they are wanted; false where they are not there, whole.
     *
     * @throws StrangePlace
     */
    public function take(string $key, string $video, string $poster): bool
    {
        [$kept, $picture] = $this->places($key);
        if (! $this->kept->isRight($kept) || ! $this->kept->isRight($picture)) {
            return false;
        }
        $this->store->share($kept, $video);
        $this->store->share($picture, $poster);

        return true;
    }

    /**
     * Where a disk does not give a file a second name, nothing is kept.
     *
     * @throws StrangePlace
     */
    public function keep(string $key, string $video, string $poster): void
    {
        $folder = $this->store->workFolder();
        try {
            foreach ([$video, $poster] as $i => $file) {
                if (@link($file, "$folder/$i")) {
                    $this->kept->put("$folder/$i", $this->places($key)[$i]);
                }
            }
        } finally {
            $this->store->discard($folder);
        }
    }

    /**
     * Takes away those that no export has any more.
     *
     * @throws StrangePlace
     */
    public function sweep(): void
    {
        foreach (glob($this->store->path(self::ROOM).'/*.{mp4,jpg}', GLOB_BRACE) ?: [] as $file) {
            $found = @stat($file);
            if ($found !== false && $found['nlink'] === 1) {
                $this->store->discard($file);
                $this->store->discard("$file.seal");
            }
        }
    }

    /**
     * @return array{string, string}
     *
     * @throws StrangePlace
     */
    private function places(string $key): array
    {
        return [$this->store->path(self::ROOM."/$key.mp4"), $this->store->path(self::ROOM."/$key.jpg")];
    }
}
