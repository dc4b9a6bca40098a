<?php

declare(strict_types=1);

namespace App\Shelves\Models;

enum ExportState: string
{
    case Queued = 'queued';
    case Running = 'running';
    case Cancelling = 'cancelling';
    case Cancelled = 'cancelled';
    case Failed = 'failed';
    case Done = 'done';

    /** Whether a worker has it, or will. */
    public function isOpen(): bool
    {
        return in_array($this, [self::Queued, self::Running, self::Cancelling], true);
    }
}
