<?php

declare(strict_types=1);

namespace App\Shelves\Models;

enum FootageState: string
{
    case Ready = 'ready';
    /** A worker is looking through it; nothing is made of it yet. */
    case Checking = 'checking';
    case Mending = 'mending';
    case Refused = 'refused';
}
