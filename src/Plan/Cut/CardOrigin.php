<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** Which card it is. */
final readonly class CardOrigin
{
    /**
     * @param  string  $says  what it shows, in words
     * @param  int|null  $scene  number of the scene that an operator put it over; null where a rule did
     * @param  int  $number  among the cards of that scene
     */
    public function __construct(
        public string $says = '',
        public ?int $scene = null,
        public int $number = 0,
    ) {
    }
}
