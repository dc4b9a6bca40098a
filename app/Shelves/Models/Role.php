<?php

declare(strict_types=1);

namespace App\Shelves\Models;

/** What somebody may do in a channel. */
enum Role: string
{
    case Owner = 'owner';
    case Edit = 'edit';
    case Look = 'look';

    public function label(): string
    {
        return match ($this) {
            self::Owner => 'owns it',
            self::Edit => 'may edit',
            self::Look => 'may look and clear',
        };
    }
}
