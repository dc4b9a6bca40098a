<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Captions\Cue\Cue;
use RapidReel\Plan\Choice\ProgressLine;

/** What is laid over a short, and what stands around it. */
final readonly class CutOver
{
    /**
     * @param  list<CutCard>  $cards  that are there for a time, in order of their moments
     * @param  ProgressLine|null  $progress  that shows how far it has gone
     * @param  IntroOutro  $introOutro  what stands before it and after it; no other time of a cut counts that
     * @param  list<Cue>  $second  captions in another language beside those of what is said
     */
    public function __construct(
        public ?CutLogo $logo = null,
        public array $cards = [],
        public ?ProgressLine $progress = null,
        public IntroOutro $introOutro = new IntroOutro,
        public array $second = [],
    ) {
    }
}
