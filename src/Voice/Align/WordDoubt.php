<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

enum WordDoubt: string
{
    case None = 'none';
    case Missing = 'missing';
    case Unclear = 'unclear';

    public function label(): string
    {
        return match ($this) {
            self::None => '',
            self::Missing => 'seems to be left out',
            self::Unclear => 'unclear, or something else is said',
        };
    }
}
