<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

/** How a bridge goes from one shot over into the next. */
enum Blend: string
{
    case Dissolve = 'dissolve';
    case Dip = 'dip';
    case Wipe = 'wipe';
    case Slide = 'slide';

    /** The name that ffmpeg's xfade filter has for it. */
    public function filter(): string
    {
        return match ($this) {
            self::Dissolve => 'fade',
            self::Dip => 'fadeblack',
            self::Wipe => 'wipeup',
            self::Slide => 'slideup',
        };
    }
}
