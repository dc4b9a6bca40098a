<?php

declare(strict_types=1);

namespace RapidReel\Captions\Marks;

/** When a card is there, against the word that it goes with. */
final readonly class CardTime
{
    /**
     * @param  int  $offsetMs  it comes so much later than the word begins, or earlier
     * @param  int  $lengthMs  it stays so long
     */
    public function __construct(
        public int $offsetMs = 0,
        public int $lengthMs = 2_000,
    ) {
    }
}
