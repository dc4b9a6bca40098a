<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

use RapidReel\Base\Colour\Grade;

/** What is done to the picture of a shot. */
final readonly class PictureChoice
{
    /**
     * @param  int  $dim  by how much it is darkened, in percent
     * @param  bool  $isShaded  whether it is darkened under captions that would be faint
     * @param  bool  $isMatched  whether its colours are brought to those of the rest of its short
     * @param  Grade|null  $grade  null where it stays as it is
     */
    public function __construct(
        public int $dim = 0,
        public bool $isShaded = false,
        public bool $isMatched = false,
        public ?Grade $grade = null,
    ) {
    }
}
