<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

/** Which sentences may go where a short is tightened. */
enum MayDrop: string
{
    case None = 'none';
    case Optional = 'optional';
    case Any = 'any';

    /** Why no more can go. */
    public function keeps(): string
    {
        return match ($this) {
            self::None => 'as no sentence may go',
            self::Optional => 'as no sentence may go that is not marked as optional',
            self::Any => 'as the hook and the close stay',
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Optional => 'those marked as optional',
            self::Any => 'those least needed, too',
        };
    }
}
