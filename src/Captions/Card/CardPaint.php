<?php

declare(strict_types=1);

namespace RapidReel\Captions\Card;

/** Colours of a card, as RRGGBB. */
final readonly class CardPaint
{
    /**
     * @param  string  $fill  of its letters, or of a sticker
     * @param  string  $plate  behind letters; empty for none
     */
    public function __construct(
        public string $fill = 'FFFFFF',
        public string $plate = '14202B',
    ) {
    }
}
