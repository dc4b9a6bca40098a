<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Pictures\Framing\Interest\Interests;
use RapidReel\Pictures\Matte\MatteMaker;

/** What a cut is made with beside words, takes and footage; without it the cut can be measured all the same. */
final readonly class AtHand
{
    /** @param  array<array-key, SoundEffect>  $effects  by id */
    public function __construct(
        public ?Interests $interests = null,
        public ?MatteMaker $keyer = null,
        public ?CardPlacer $cards = null,
        public ?CutLogo $logo = null,
        public IntroOutro $introOutro = new IntroOutro,
        public array $effects = [],
    ) {
    }
}
