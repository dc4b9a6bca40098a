<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage\Matching;

use InvalidArgumentException;

/** What is known of all documents of a collection where only some of them are at hand. */
final readonly class Collection
{
    /**
     * @param  int  $documents  that there are
     * @param  float  $length  of one in the mean, in terms
     * @param  array<array-key, int>  $holding  how many hold a term, of those that are asked for
     *
     * @throws InvalidArgumentException
     */
    public function __construct(
        public int $documents,
        public float $length,
        public array $holding,
    ) {
        if ($documents < 0 || $length < 0) {
            throw new InvalidArgumentException('A collection has no fewer than no documents.');
        }
    }
}
