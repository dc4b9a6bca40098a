<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

/** A synthesiser's word mark: the character of the text it is at (from 0), and when it begins. */
final readonly class SynthEvent
{
    public function __construct(
        public int $offset,
        public int $ms,
    ) {
    }
}
