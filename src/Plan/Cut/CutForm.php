<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\FrameShape;
use RapidReel\Base\TargetProfile;
use RapidReel\Plan\Choice\Transition;

/** What a short is made for, and its frame. */
final readonly class CutForm
{
    /** @param  Transition|null  $loop  how the end goes over into the first picture, so that it plays round */
    public function __construct(
        public TargetProfile $profile,
        public FrameShape $shape = FrameShape::Upright,
        public ?Transition $loop = null,
    ) {
    }
}
