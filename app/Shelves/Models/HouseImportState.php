<?php

declare(strict_types=1);

namespace App\Shelves\Models;

enum HouseImportState: string
{
    case Waiting = 'waiting';
    case Done = 'done';
    case Failed = 'failed';
}
