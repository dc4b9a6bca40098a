<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

/** What stands before a short, or after it. */
final readonly class EdgeChoice
{
    /**
     * @param  string  $footage  id of it
     * @param  int  $ms  how long it is seen, in whole frames
     */
    public function __construct(
        public string $footage,
        public int $ms,
    ) {
    }
}
