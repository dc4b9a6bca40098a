<?php

declare(strict_types=1);

namespace RapidReel\Captions\Card;

/** What a card shows, without when and where: all that its picture is made of. */
final readonly class CardDesign
{
    /**
     * @param  string  $kind  a sticker's name, or CardMark::TEXT
     * @param  string  $face  id of the face of letters
     * @param  string  $fill  RRGGBB
     * @param  string  $plate  RRGGBB behind letters; empty for none
     * @param  int  $size  its width before it is turned, in thousandths of the frame's
     * @param  int  $turn  degrees, clockwise
     */
    public function __construct(
        public string $kind,
        public string $text,
        public string $face,
        public string $fill,
        public string $plate,
        public int $size,
        public int $turn,
    ) {
    }

    public function sticker(): ?Sticker
    {
        return Sticker::tryFrom($this->kind);
    }
}
