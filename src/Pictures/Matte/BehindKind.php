<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Matte;

/** What a subject is put over. */
enum BehindKind: string
{
    case Gradient = 'gradient';
    case Blur = 'blur';
    case Footage = 'footage';

    public function label(): string
    {
        return match ($this) {
            self::Gradient => 'two colours',
            self::Blur => 'a blurred copy of itself',
            self::Footage => 'a picture of the library',
        };
    }
}
