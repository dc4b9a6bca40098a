<?php

declare(strict_types=1);

namespace App\Shelves\Models;

/** What of a channel a change was of, beside its settings. */
enum EditPart: string
{
    /** What it is called and how it speaks. */
    case Words = 'words';

    /** Its footage; it has a history of its own. */
    case Library = 'library';
}
