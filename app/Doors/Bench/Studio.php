<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use App\Makers\Videos\VideoMaker;
use App\Media\Process\Unwatched;
use App\Media\Store\MediaStore;
use App\Shelves\Library\Shelf;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Segment;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Plan\Cut\Cut;

/** Where a bench makes videos that nobody keeps. */
final readonly class Studio
{
    public function __construct(
        private VideoMaker $videos,
        private SegmentPlanner $segments,
        private MediaStore $store,
    ) {
    }

    /** @return non-empty-list<Segment> */
    public function segments(Cut $cut, Quality $quality, bool $bare = false): array
    {
        return $this->segments->plan($cut, $quality, $bare);
    }

    /**
     * Makes a whole video.
     *
     * @param  non-empty-list<Segment>  $segments
     */
    public function make(Cut $cut, array $segments, Shelf $shelf): void
    {
        $work = $this->store->workFolder();
        try {
            $this->videos->make($cut, MixPlan::of($cut), $segments, $shelf, new Unwatched, "$work/out.mp4");
        } finally {
            $this->store->discard($work);
        }
    }

    /** Lays a picture as a source of segments, by its hash. */
    public function lay(string $picture, string $bytes): void
    {
        $this->store->put($this->store->source($picture), $bytes);
    }
}
