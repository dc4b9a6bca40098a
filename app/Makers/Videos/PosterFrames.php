<?php

declare(strict_types=1);

namespace App\Makers\Videos;

use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Base\Plain;
use RapidReel\Making\Render\Segment;
use RapidReel\Plan\Cut\Cut;

/** The pictures that stand for videos, kept by the frame that they show: most edits are elsewhere. */
final readonly class PosterFrames
{
    private const ROOM = 'posters';

    /** Raised whenever the same frame gives another picture than before. */
    private const VERSION = 1;

    public function __construct(
        private MediaStore $store,
        private KeptFiles $kept,
    ) {
    }

    /** Which moment of the finished video it is: the middle of the hook, in ms. */
    public static function momentMs(Cut $cut): int
    {
        return $cut->over->introOutro->openingMs() + intdiv($cut->found->hookMs, 2);
    }

    /**
     * Puts the picture where it is wanted; false where it is not there.
     *
     * @param  non-empty-list<Segment>  $segments  in order
     *
     * @throws StrangePlace
     */
    public function take(Cut $cut, array $segments, string $poster): bool
    {
        $place = $this->place($cut, $segments);
        if ($place === null || ! $this->kept->isRight($place)) {
            return false;
        }
        $this->store->copy($place, $poster);

        return true;
    }

    /**
     * @param  non-empty-list<Segment>  $segments  in order
     *
     * @throws StrangePlace
     */
    public function keep(Cut $cut, array $segments, string $poster): void
    {
        $place = $this->place($cut, $segments);
        if ($place === null) {
            return;
        }
        $folder = $this->store->workFolder();
        try {
            $this->store->copy($poster, "$folder/poster.jpg");
            $this->kept->put("$folder/poster.jpg", $place);
        } finally {
            $this->store->discard($folder);
        }
    }

    /**
     * Null where something is drawn over all of the video.
     *
     * @param  non-empty-list<Segment>  $segments
     *
     * @throws StrangePlace
     */
    private function place(Cut $cut, array $segments): ?string
    {
        if ($cut->over->progress !== null) {
            return null;
        }
        $frame = (int) ceil(self::momentMs($cut) * $segments[0]->recipe->raster->fps / 1000);
        foreach ($segments as $segment) {
            if ($frame < $segment->recipe->frames) {
                return $this->store->keyed(self::ROOM, Plain::hash(self::VERSION, $segment->key, $frame), 'jpg');
            }
            $frame -= $segment->recipe->frames;
        }

        return null;
    }
}
