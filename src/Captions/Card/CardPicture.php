<?php

declare(strict_types=1);

namespace RapidReel\Captions\Card;

/** A card as a picture that is on the disk, turned as it is to be seen. */
final readonly class CardPicture
{
    /**
     * @param  string  $key  hash of its content
     * @param  int  $width  in pixels of a frame of full size
     * @param  int  $height  in pixels of a frame of full size
     */
    public function __construct(
        public string $key,
        public int $width,
        public int $height,
    ) {
    }
}
