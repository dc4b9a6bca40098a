<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

/** What is to be said beside the numbers of a plan. */
final readonly class PaceRemarks
{
    /**
     * @param  string  $why  ends the sentence that says that a length is not reached
     * @param  string  $hurry  a sentence where speech is faster then than can be followed well; else empty
     */
    public function __construct(
        public string $why = '',
        public string $hurry = '',
    ) {
    }
}
