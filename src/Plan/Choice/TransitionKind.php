<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

/** How one picture goes over into the next. */
enum TransitionKind: string
{
    case Cut = 'cut';
    case Dip = 'dip';
    case Dissolve = 'dissolve';
    case Wipe = 'wipe';
    case Slide = 'slide';

    public function label(): string
    {
        return match ($this) {
            self::Cut => 'cut',
            self::Dip => 'dip to black',
            self::Dissolve => 'dissolve',
            self::Wipe => 'wipe upwards',
            self::Slide => 'slide upwards',
        };
    }
}
