<?php

declare(strict_types=1);

namespace RapidReel\Captions\Card;

use RapidReel\Base\FrameShape;

/** Who makes pictures of cards. */
interface CardPictures
{
    /** @return CardPicture|null null where it cannot be drawn */
    public function of(CardDesign $look, FrameShape $shape): ?CardPicture;
}
