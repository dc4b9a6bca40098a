<?php

declare(strict_types=1);

namespace App\Makers\Videos;

use App\Ground\Work\GivingWay;
use App\Ground\Work\HandedBack;
use App\Media\Making\Maker;
use App\Media\Probing\NotAsPlanned;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\Cancelled;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Process\Watcher;
use App\Media\Store\DamagedPart;
use App\Media\Store\InUse;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\Originals;
use App\Media\Store\StrangePlace;
use App\Media\Video\ChangedFootage;
use App\Media\Video\MissingFootage;
use App\Media\Video\Sources;
use App\Shelves\Library\Shelf;
use RapidReel\Base\Refusal;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Render\Progress;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\Segment;
use RapidReel\Plan\Cut\Cut;

/** Makes a video out of segments and a mix: renders what is missing of them, joins them, compares it with the plan. */
final readonly class VideoMaker
{
    public function __construct(
        private Maker $maker,
        private Finisher $finisher,
        private MediaStore $store,
        private KeptFiles $kept,
        private Sources $sources,
        private Originals $originals,
        private InUse $inUse,
    ) {
    }

    /**
     * Makes the parts and joins them. What comes out is compared with the plan; if it is not that, all of its parts are
     * made once more.
     *
     * @param  non-empty-list<Segment>  $segments
     * @param  string|null  $poster  where the picture that stands for it goes; without one it is for somebody who
     *   waits, and is not compared: its parts have seals
     * @param  GivingWay|null  $way  whether others come in between its parts
     * @return int how many segments were rendered
     *
     * @throws Cancelled
     * @throws ToolFailed
     * @throws NotAsPlanned
     * @throws HandedBack
     * @throws UnusableMedia
     * @throws DamagedPart
     * @throws ChangedFootage
     * @throws MissingFootage
     * @throws TooMuch
     * @throws TooSlow
     * @throws StrangePlace
     * @throws Refusal
     */
    public function make(
        Cut $cut,
        MixPlan $mix,
        array $segments,
        Shelf $shelf,
        Watcher $watcher,
        string $video,
        ?string $poster = null,
        ?GivingWay $way = null,
    ): int {
        $files = array_map(fn (Segment $segment): string => $this->maker->file($segment->recipe), $segments);
        $sound = $this->maker->file($mix);
        $held = $this->inUse->hold($this->names([...$files, $sound], $mix, $segments));
        try {
            for ($round = 1; ; $round++) {
                $made = $this->makeParts($cut, $mix, $segments, $shelf, $watcher, $way);
                $watcher->progress(Progress::joining());
                if ($poster === null) {
                    $this->finisher->join($cut, $segments, $files, $sound, $video);

                    return $made;
                }
                try {
                    $this->finisher->finish($cut, $mix, $segments, [$files, $sound], $video, $poster);

                    return $made;
                } catch (NotAsPlanned $problem) {
                    if ($round > 1) {
                        throw $problem;
                    }
                    $this->kept->forget([...$files, $sound]);
                }
            }
        } finally {
            $this->store->discard($held);
        }
    }

    /**
     * Of all that it is made of, below the root of the media disk.
     *
     * @param  list<string>  $files
     * @param  list<Segment>  $segments
     * @return list<string>
     *
     * @throws StrangePlace
     */
    private function names(array $files, MixPlan $mix, array $segments): array
    {
        foreach ($segments as $segment) {
            foreach ($segment->recipe->sources() as $source) {
                $files[] = $this->store->source($source->key);
            }
        }
        foreach ($mix->sounds() as $fingerprint) {
            $files[] = $this->originals->file($fingerprint);
        }

        return array_map($this->store->name(...), array_values(array_unique($files)));
    }

    /** Whether the sound of a plan is there with all that pages hear of it. */
    public function isMixed(MixPlan $mix): bool
    {
        return $this->maker->isThere($mix);
    }

    /**
     * Renders what is missing, and mixes.
     *
     * @param  list<Segment>  $segments
     * @return int how many segments were rendered
     *
     * @throws HandedBack
     * @throws UnusableMedia
     * @throws ToolFailed
     * @throws DamagedPart
     * @throws ChangedFootage
     * @throws MissingFootage
     * @throws StrangePlace
     * @throws Refusal
     */
    private function makeParts(
        Cut $cut,
        MixPlan $mix,
        array $segments,
        Shelf $shelf,
        Watcher $watcher,
        ?GivingWay $way,
    ): int {
        $missing = $this->missing($segments);
        $this->laySources($cut, $missing, $shelf);
        $orders = array_map(static fn (Segment $segment): Recipe => $segment->recipe, $missing);
        if (! $this->maker->isThere($mix)) {
            $this->laySounds($cut, $mix, $shelf);
            array_unshift($orders, $mix);
        }
        $frames = Segment::frames($missing);
        $made = $this->maker->make(
            $orders,
            static function (int $done) use ($frames, $watcher): void {
                $watcher->progress(Progress::rendering($done, $frames));
                if ($watcher->isCancelled()) {
                    throw new Cancelled;
                }
            },
            $watcher->achieved(...),
            $way,
        );

        return count(array_diff($made, [$mix->key()]));
    }

    /**
     * @throws DamagedPart when one is not what was brought
     * @throws StrangePlace
     */
    private function laySounds(Cut $cut, MixPlan $mix, Shelf $shelf): void
    {
        $music = $cut->sound->music;
        if ($music !== null) {
            $this->originals->lay($music->fingerprint, $shelf->music->path($music->id));
        }
        foreach ($cut->sound->effects as $effect) {
            $this->originals->lay($effect->fingerprint, $shelf->effects->path($effect->sound, $effect->fingerprint));
        }
        $ids = [];
        foreach ($cut->scenes as $scene) {
            foreach ($scene->shots as $shot) {
                $ids[$shot->source->fingerprint] = $shot->source->footage;
            }
        }
        foreach ($mix->sounds() as $fingerprint) {
            if (! $this->originals->isLaid($fingerprint)) {
                $id = $ids[$fingerprint] ?? self::idOf($fingerprint, $shelf);
                $this->originals->lay($fingerprint, $this->heard($fingerprint, $id, $shelf));
            }
        }
    }

    private static function idOf(string $fingerprint, Shelf $shelf): string
    {
        foreach ($shelf->footage as $id => $one) {
            if ($one->fingerprint === $fingerprint) {
                return (string) $id;
            }
        }

        return '';
    }

    /**
     * The file that a clip is heard from: its own, or what is left of it where it is no longer in the library.
     *
     * @throws DamagedPart when it is not what was brought
     * @throws StrangePlace
     */
    private function heard(string $fingerprint, string $id, Shelf $shelf): string
    {
        $own = $shelf->footagePaths[$id] ?? null;
        $isRight = $own === null
            ? $this->kept->isSource($fingerprint)
            : KeptFiles::agrees($own, $shelf->seals[$id] ?? null);
        if (! $isRight) {
            throw DamagedPart::clip($shelf->name($id));
        }

        return $own ?? $this->store->source($fingerprint);
    }

    /**
     * Those of the segments that are not there yet, each once, long ones first, so that no core idles while the other
     * ends a long one.
     *
     * @param  list<Segment>  $segments
     * @return list<Segment>
     */
    private function missing(array $segments): array
    {
        $missing = [];
        foreach ($segments as $segment) {
            if (! $this->maker->isThere($segment->recipe)) {
                $missing[$segment->key] = $segment;
            }
        }
        usort($missing, static fn (Segment $a, Segment $b): int => $b->recipe->frames <=> $a->recipe->frames);

        return $missing;
    }

    /**
     * Footage that is no longer in the library is still there if anything of it was rendered before.
     *
     * @param  list<Segment>  $missing
     *
     * @throws ChangedFootage
     * @throws MissingFootage
     * @throws DamagedPart
     * @throws ToolFailed
     * @throws StrangePlace
     */
    private function laySources(Cut $cut, array $missing, Shelf $shelf): void
    {
        $names = [];
        foreach ($shelf->footage as $one) {
            $names[$one->fingerprint] = $one->id;
        }
        foreach ($cut->scenes as $scene) {
            foreach ($scene->shots as $shot) {
                $names[$shot->source->fingerprint] = $shot->source->footage;
            }
        }
        $keys = [];
        foreach ($missing as $segment) {
            foreach ($segment->recipe->sources() as $source) {
                $keys[$source->key] = true;
            }
        }
        foreach (array_keys($keys) as $key) {
            $id = $names[$key] ?? '';
            $path = $shelf->footagePaths[$id] ?? null;
            if ($path !== null) {
                $this->sources->lay((string) $key, $path, $shelf->name($id), $shelf->seals[$id] ?? null);
            } elseif (! $this->kept->isSource((string) $key)) {
                throw match (true) {
                    isset($shelf->logos[$key]) => DamagedPart::logo($shelf->logoName((string) $key)),
                    isset($names[$key]) => new MissingFootage("“{$id}”"),
                    default => DamagedPart::picture(),
                };
            }
        }
    }
}
