<?php

declare(strict_types=1);

namespace App\Shelves\Models;

enum RecordingState: string
{
    case Waiting = 'waiting';
    case Ready = 'ready';
    case Failed = 'failed';
}
