<?php

declare(strict_types=1);

namespace RapidReel\Caption;

/** Caption styles that ship. */
enum CaptionLook: string
{
    case Marked = 'marked';
    case Low = 'low';
    case Even = 'even';

    public function label(): string
    {
        return match ($this) {
            self::Marked => 'marked, below the middle',
            self::Low => 'marked, lower third',
            self::Even => 'plain, below the middle',
        };
    }

    public function style(): CaptionStyle
    {
        return match ($this) {
            self::Marked => new CaptionStyle,
            self::Low => new CaptionStyle(size: 0.078, middle: 0.71),
            self::Even => new CaptionStyle(mark: 'FFFFFF'),
        };
    }
}
