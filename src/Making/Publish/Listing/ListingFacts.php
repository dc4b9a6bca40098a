<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Listing;

/** What of a short and its channel the texts beside it are made of. */
final readonly class ListingFacts
{
    /**
     * @param  non-empty-list<string>  $scenes  as they are spoken, the hook first
     * @param  list<string>  $tags  those set for the short, then its subjects, then the channel's
     * @param  string  $standing  lines that stand under every description of the channel
     */
    public function __construct(
        public string $title,
        public array $scenes,
        public array $tags,
        public string $language,
        public string $channel,
        public string $batch,
        public int $number,
        public string $standing = '',
    ) {
    }
}
