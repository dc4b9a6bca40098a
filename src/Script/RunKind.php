<?php

declare(strict_types=1);

namespace RapidReel\Script;

/** What a run of script text is: spoken, or kept as a note for the reason given. */
enum RunKind: string
{
    case Spoken = 'spoken';
    case Heading = 'heading';
    case Speaker = 'speaker';
    case Direction = 'direction';
    case Timing = 'timing';
    case Symbol = 'symbol';
    case Markup = 'markup';

    public function isSpoken(): bool
    {
        return $this === self::Spoken;
    }
}
