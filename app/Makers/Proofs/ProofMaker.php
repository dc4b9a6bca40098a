<?php

declare(strict_types=1);

namespace App\Makers\Proofs;

use App\Ground\Work\HandedBack;
use App\Makers\Videos\ShadeDesk;
use App\Makers\Videos\VideoMaker;
use App\Media\Probing\NotAsPlanned;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\Cancelled;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Process\Watcher;
use App\Media\Store\DamagedPart;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Media\Video\ChangedFootage;
use App\Media\Video\MissingFootage;
use App\Shelves\Library\Shelf;
use RapidReel\Base\Refusal;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Segment;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Plan\Cut\Cut;

/** Makes proofs: a short small and without its captions, with its sound, for pages to draw the captions over. */
final readonly class ProofMaker
{
    public function __construct(
        private SegmentPlanner $planner,
        private VideoMaker $videos,
        private ShadeDesk $shades,
        private MediaStore $store,
        private KeptFiles $kept,
    ) {
    }

    /**
     * @return string the key of the proof, which follows from all that is in it
     *
     * @throws NotAsPlanned
     * @throws Cancelled
     * @throws ToolFailed
     * @throws HandedBack
     * @throws UnusableMedia
     * @throws StrangePlace
     * @throws DamagedPart
     * @throws ChangedFootage
     * @throws MissingFootage
     * @throws TooMuch
     * @throws TooSlow
     * @throws Refusal
     */
    public function make(Cut $cut, Shelf $shelf, Watcher $watcher): string
    {
        $segments = $this->planned($cut, $shelf);
        $mix = MixPlan::of($cut);
        $key = $this->keyOf($mix, $segments);
        if ($this->isRight($key) && $this->videos->isMixed($mix)) {
            return $key;
        }
        $work = $this->store->workFolder();
        try {
            $this->videos->make($cut, $mix, $segments, $shelf, $watcher, "$work/proof.mp4");
            $this->kept->put("$work/proof.mp4", $this->file($key));
        } finally {
            $this->store->discard($work);
        }

        return $key;
    }

    /**
     * The file of a proof that was made of a plan already; null where none was.
     *
     * @throws StrangePlace
     * @throws Refusal
     * @throws ToolFailed
     * @throws HandedBack
     */
    public function known(Cut $cut, Shelf $shelf): ?string
    {
        $key = $this->keyOf(MixPlan::of($cut), $this->planned($cut, $shelf));

        return $this->isRight($key) ? $this->file($key) : null;
    }

    /**
     * @return non-empty-list<Segment>
     *
     * @throws Refusal
     * @throws ToolFailed
     * @throws HandedBack
     * @throws StrangePlace
     */
    private function planned(Cut $cut, Shelf $shelf): array
    {
        return $this->planner->plan($this->shades->of($cut, $shelf), Quality::Proof, true);
    }

    /** @param  non-empty-list<Segment>  $segments */
    private function keyOf(MixPlan $mix, array $segments): string
    {
        return hash('sha256', implode("\n", [
            $mix->key(),
            ...array_map(static fn (Segment $segment): string => $segment->key, $segments),
        ]));
    }

    /**
     * Whether what pages play and draw beside the proof is there: both halves of the mix, and pictures of cards.
     *
     * @throws StrangePlace
     */
    public function hasParts(Cut $cut): bool
    {
        foreach ($cut->over->cards as $card) {
            if (! $this->kept->isSource($card->picture->key)) {
                return false;
            }
        }

        return $this->videos->isMixed(MixPlan::of($cut));
    }

    /**
     * It is made again when somebody asks for it.
     *
     * @throws StrangePlace
     */
    public function forget(string $key): void
    {
        $this->kept->forget([$this->file($key)]);
    }

    /** @throws StrangePlace */
    public function isRight(string $key): bool
    {
        return $this->kept->isRight($this->file($key));
    }

    /** @throws StrangePlace */
    public function file(string $key): string
    {
        return $this->store->keyed('proofs', $key, 'mp4');
    }
}
