<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** What is known of a short as a whole. */
final readonly class CutFindings
{
    /**
     * @param  int  $hookMs  how long its first words take to say
     * @param  list<Flag>  $flags  what speaks against it
     */
    public function __construct(
        public int $hookMs,
        public array $flags = [],
    ) {
    }
}
