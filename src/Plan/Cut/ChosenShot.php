<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Framing\Path\Pin;
use RapidReel\Plan\Choice\ShotSettings;

/** What is known of the shot that begins at a word, before the whole is paced. */
final readonly class ChosenShot
{
    /**
     * @param  int  $word  number of the word in its scene
     * @param  int  $offset  frames off that word's start
     * @param  int|null  $inMs  where in a clip it begins; null for the usual place
     * @param  list<Pin>  $pins  where its window must stand
     * @param  int  $span  words that it is held over at least; 0 where the pace says how long
     * @param  ShotSettings|null  $settings  null for those of its scene
     */
    public function __construct(
        public int $word,
        public ?Footage $footage = null,
        public bool $isLocked = false,
        public int $offset = 0,
        public ?int $inMs = null,
        public array $pins = [],
        public int $span = 0,
        public ?ShotSettings $settings = null,
    ) {
    }
}
