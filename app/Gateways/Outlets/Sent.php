<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

/** What became of something that was sent, as its outlet says. */
final readonly class Sent
{
    /**
     * @param  string  $id  as the outlet calls it
     * @param  string  $address  where it can be seen; empty where nowhere
     * @param  string  $why  it was refused
     */
    public function __construct(
        public SentState $state,
        public string $id,
        public string $address = '',
        public string $why = '',
        public int $offset = 0,
    ) {
    }
}
