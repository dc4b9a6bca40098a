<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Media\Audio\TakeFiles;
use App\Media\Store\KeptFiles;
use App\Media\Store\StrangePlace;
use App\Shelves\Library\Shelf;
use RapidReel\Plan\Cut\Cut;

/** What a plan was made with and is made again only with it: what is spoken in it, and pictures of its cards. */
final readonly class PlanParts
{
    public function __construct(
        private TakeFiles $takes,
        private KeptFiles $kept,
    ) {
    }

    /** Whether what it shows, and what is heard in it, can still be had as it was. */
    public function areAtHand(Cut $cut, Shelf $shelf): bool
    {
        foreach ($cut->scenes as $scene) {
            foreach ($scene->shots as $shot) {
                $one = $shelf->footage[$shot->source->footage] ?? null;
                if ($one?->fingerprint !== $shot->source->fingerprint) {
                    return false;
                }
            }
        }
        foreach ($cut->sound->effects as $effect) {
            if (($shelf->effects->effects[$effect->sound]->fingerprint ?? null) !== $effect->fingerprint) {
                return false;
            }
        }

        return $cut->sound->music?->fingerprint === $shelf->music->piece($cut->sound->music->id ?? '')?->fingerprint;
    }

    /**
     * Whether all of them are on the disk as they were.
     *
     * @throws StrangePlace
     */
    public function areThere(Cut $cut): bool
    {
        foreach ($cut->scenes as $scene) {
            if ($this->takes->kept($scene->take) === null) {
                return false;
            }
        }
        foreach ($cut->over->cards as $card) {
            if (! $this->kept->isSource($card->picture->key)) {
                return false;
            }
        }

        return true;
    }
}
