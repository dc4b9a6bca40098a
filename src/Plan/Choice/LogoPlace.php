<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

/** Where in the safe area a logo stands. */
enum LogoPlace: string
{
    case TopLeft = 'top-left';
    case Top = 'top';
    case TopRight = 'top-right';
    case BottomLeft = 'bottom-left';
    case Bottom = 'bottom';
    case BottomRight = 'bottom-right';

    public function label(): string
    {
        return match ($this) {
            self::TopLeft => 'at the top left',
            self::Top => 'at the top',
            self::TopRight => 'at the top right',
            self::BottomLeft => 'at the bottom left',
            self::Bottom => 'at the bottom',
            self::BottomRight => 'at the bottom right',
        };
    }

    public function isTop(): bool
    {
        return in_array($this, [self::TopLeft, self::Top, self::TopRight], true);
    }

    /** @return float 0 at the left, 1 at the right */
    public function across(): float
    {
        return match ($this) {
            self::TopLeft, self::BottomLeft => 0.0,
            self::Top, self::Bottom => 0.5,
            self::TopRight, self::BottomRight => 1.0,
        };
    }
}
