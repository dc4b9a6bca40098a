<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

/** What can be wrong with a frame path. */
enum ProblemKind: string
{
    case Outside = 'outside';
    case Fast = 'fast';
    case Soft = 'soft';

    public function label(): string
    {
        return match ($this) {
            self::Outside => 'most of what moves or stands out is outside',
            self::Fast => 'the window moves too fast to be watched',
            self::Soft => 'enlarged more than its pixels bear',
        };
    }
}
