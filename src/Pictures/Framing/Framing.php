<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing;

/** What the window over a source does. */
enum Framing: string
{
    case Follow = 'follow';
    case Still = 'still';
    case Middle = 'middle';
    case Blur = 'blur';
    case Plain = 'plain';
    case Gradient = 'gradient';
    case Widen = 'widen';

    public function label(): string
    {
        return match ($this) {
            self::Follow => 'follow the subject',
            self::Still => 'hold still on the subject',
            self::Middle => 'hold still in the middle',
            self::Blur => 'show all, over a blurred copy',
            self::Plain => 'show all, over a plain ground',
            self::Gradient => 'show all, over two colours',
            self::Widen => 'follow; show all where two are too far apart',
        };
    }
}
