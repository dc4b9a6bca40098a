<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** What is heard in a short beside its voice and its clips. */
final readonly class CutSound
{
    /** @param  list<CutEffect>  $effects  in order of their moments */
    public function __construct(
        public ?CutMusic $music = null,
        public array $effects = [],
    ) {
    }
}
