<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Target\Frame;
use RapidReel\Base\Target\Limits;
use RapidReel\Base\Target\Target;
use RapidReel\Plan\Choice\Transition;

/** What a short is made for, and its frame. */
final readonly class CutForm
{
    /**
     * @param  Limits  $limits  the tightest of all targets that its short is made for
     * @param  Transition|null  $loop  how the end goes over into the first picture, so that it plays round
     */
    public function __construct(
        public Target $target = new Target,
        public Limits $limits = new Limits,
        public Frame $frame = new Frame,
        public ?Transition $loop = null,
    ) {
    }

    /** The same frames for another target. */
    public function madeFor(Target $target): self
    {
        return new self($target, $this->limits, $this->frame, $this->loop);
    }
}
