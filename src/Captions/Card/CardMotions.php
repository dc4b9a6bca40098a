<?php

declare(strict_types=1);

namespace RapidReel\Captions\Card;

/** How a card comes and goes. */
final readonly class CardMotions
{
    public function __construct(
        public CardMotion $enter = CardMotion::Fade,
        public CardMotion $leave = CardMotion::Fade,
    ) {
    }
}
