<?php

declare(strict_types=1);

namespace RapidReel\Captions\Card;

/** The cards that every short has by rule, and how all cards look. */
final readonly class CardChoice
{
    /**
     * @param  int  $titleMs  the title stands over the hook for so long; 0 for not at all
     * @param  string  $pointer  what the close points to, in words; empty for nothing
     * @param  string  $face  id of the face of letters
     * @param  string  $fill  RRGGBB
     * @param  string  $plate  RRGGBB
     */
    public function __construct(
        public int $titleMs = 0,
        public string $pointer = '',
        public string $face = 'condensed',
        public string $fill = 'FFFFFF',
        public string $plate = '14202B',
        public CardMotion $motion = CardMotion::Rise,
    ) {
    }
}
