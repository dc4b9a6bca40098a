<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation\Version;

/** A sentence, and what it became in another language. */
final readonly class Pair
{
    /**
     * @param  string  $source  as it was when it was translated
     * @param  string  $told  what speaks against it, as far as that is known; empty where nothing does
     * @param  bool  $isOpen  whether it still stands as it was: nobody translated it
     */
    public function __construct(
        public string $source,
        public string $target,
        public string $told = '',
        public bool $isOpen = false,
    ) {
    }
}
