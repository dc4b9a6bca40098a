<?php

declare(strict_types=1);

namespace App\Shelves\Models;

/** What a finished file is of its short as that is now. */
enum FileState: string
{
    case Final = 'final';
    case Draft = 'draft';
    /** The short was changed since. */
    case Outdated = 'outdated';
}
