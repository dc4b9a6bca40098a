<?php

declare(strict_types=1);

namespace RapidReel\Captions\Contrast;

/** Ways to make a caption stand out from its picture. */
enum MendKind: string
{
    case Plate = 'plate';
    case Colour = 'colour';
    case Dim = 'dim';
    case Outline = 'outline';

    public function label(): string
    {
        return match ($this) {
            self::Plate => 'A plate behind it',
            self::Colour => 'Another colour',
            self::Dim => 'A darker picture',
            self::Outline => 'A broader outline',
        };
    }
}
