<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** What a cut comes to, whatever it is called and flagged for; empty while there is no picture of it. */
final readonly class CutHashes
{
    /**
     * @param  string  $pixels  of the rendered picture
     * @param  string  $sound  of the mix
     */
    public function __construct(
        public string $pixels = '',
        public string $sound = '',
    ) {
    }
}
