<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Shelves\Models\Footage;
use RapidReel\Pictures\Framing\FramedShot;
use RapidReel\Pictures\Framing\FramingChoice;
use RapidReel\Pictures\Framing\Interest\InterestMap;
use RapidReel\Pictures\Framing\Path\Pin;
use RapidReel\Plan\Cut\CutShot;

/** How a shot is framed at this moment, with all that it comes from. */
final readonly class ShotFraming
{
    /**
     * @param  CutShot  $shot  as it was planned
     * @param  list<Pin>  $pins
     * @param  InterestMap|null  $map  null where nobody has looked at its footage yet
     */
    public function __construct(
        public CutShot $shot,
        public Footage $footage,
        public SetHere $set,
        public FramingChoice $choice,
        public array $pins,
        public ?InterestMap $map,
        public FramedShot $framed,
    ) {
    }

    /** How much of its footage is shown, in ms of it */
    public function lengthMs(): int
    {
        return $this->shot->clipMs();
    }
}
