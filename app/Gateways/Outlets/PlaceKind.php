<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

/** Kinds of places that shorts can be brought to. */
enum PlaceKind: string
{
    case Folder = 'folders';
    case Disk = 'disks';
    case Sftp = 'sftp';
    case Service = 'services';

    public function label(): string
    {
        return match ($this) {
            self::Folder => 'folder',
            self::Disk => 'disk (S3)',
            self::Sftp => 'server (SFTP)',
            self::Service => 'publishing service',
        };
    }
}
