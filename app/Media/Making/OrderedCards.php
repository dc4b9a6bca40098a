<?php

declare(strict_types=1);

namespace App\Media\Making;

use App\Ground\Work\HandedBack;
use App\Media\Artwork\CardPainter;
use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Refusal;
use RapidReel\Captions\Card\CardDesign;
use RapidReel\Captions\Card\CardPicture;
use RapidReel\Captions\Card\CardPictures;
use RapidReel\Making\Order\CardStill;

/** Pictures of cards, ordered where they are not there yet. */
final readonly class OrderedCards implements CardPictures
{
    public function __construct(
        private Maker $maker,
        private CardPainter $painter,
    ) {
    }

    /**
     * @throws StrangePlace
     * @throws ToolFailed
     * @throws Refusal
     * @throws HandedBack
     */
    public function of(CardDesign $look, FrameShape $shape): ?CardPicture
    {
        if ($look->text === '' && $look->sticker() === null) {
            return null;
        }
        $order = new CardStill($look, $shape);
        $known = $this->painter->known($order);
        if ($known === null) {
            $this->maker->make([$order]);
        }

        return $known ?? $this->painter->known($order);
    }
}
