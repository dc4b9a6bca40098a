<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage;

/** What a piece of footage is said to show. */
final readonly class FootageWords
{
    /**
     * @param  list<string>  $tags
     * @param  string  $brief  what it was made to show, if it was
     */
    public function __construct(
        public array $tags = [],
        public string $name = '',
        public string $brief = '',
    ) {
    }
}
