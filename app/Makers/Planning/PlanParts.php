<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Media\Audio\TakeFiles;
use App\Media\Store\KeptFiles;
use RapidReel\Plan\Cut\Cut;

/** What a plan was made with and is made again only with it: what is spoken in it, and pictures of its cards. */
final readonly class PlanParts
{
    public function __construct(
        private TakeFiles $takes,
        private KeptFiles $kept,
    ) {
    }

    /** Whether all of them are on the disk as they were. */
    public function areThere(Cut $cut): bool
    {
        foreach ($cut->scenes as $scene) {
            if ($this->takes->kept($scene->take) === null) {
                return false;
            }
        }
        foreach ($cut->cards as $card) {
            if (! $this->kept->isSource($card->picture->key)) {
                return false;
            }
        }

        return true;
    }
}
