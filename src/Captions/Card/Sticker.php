<?php

declare(strict_types=1);

namespace RapidReel\Captions\Card;

/** The stickers that ship, each with a drawing of its name in resources/stickers. */
enum Sticker: string
{
    case ArrowUp = 'arrow-up';
    case ArrowDown = 'arrow-down';
    case ArrowLeft = 'arrow-left';
    case ArrowRight = 'arrow-right';
    case ArrowBent = 'arrow-bent';
    case Ring = 'ring';
    case RingDrawn = 'ring-drawn';
    case Underline = 'underline';
    case Wave = 'wave';
    case Cross = 'cross';
    case Tick = 'tick';
    case Badge = 'badge';
    case Star = 'star';
    case Burst = 'burst';
    case Lamp = 'lamp';
    case Anchor = 'anchor';
    case Flag = 'flag';
    case Shout = 'shout';
    case Ask = 'ask';
    case Frame = 'frame';

    public function label(): string
    {
        return match ($this) {
            self::ArrowUp => 'arrow up',
            self::ArrowDown => 'arrow down',
            self::ArrowLeft => 'arrow to the left',
            self::ArrowRight => 'arrow to the right',
            self::ArrowBent => 'bent arrow',
            self::Ring => 'ring',
            self::RingDrawn => 'ring drawn by hand',
            self::Underline => 'underline',
            self::Wave => 'wavy line',
            self::Cross => 'cross',
            self::Tick => 'tick',
            self::Badge => 'badge with a number',
            self::Star => 'star',
            self::Burst => 'burst',
            self::Lamp => 'lamp',
            self::Anchor => 'anchor',
            self::Flag => 'flag',
            self::Shout => 'exclamation mark',
            self::Ask => 'question mark',
            self::Frame => 'frame',
        };
    }
}
