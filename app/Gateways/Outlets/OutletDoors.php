<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Http\Client\Factory;
use Illuminate\Support\Facades\Storage;

/** The door of each kind of place. */
final readonly class OutletDoors
{
    private const PIECE = 4 << 20;

    public function __construct(private Factory $http)
    {
    }

    /** @param  string  $folder  of a channel's own, where several share a place */
    public function of(OutletPlace $place, string $folder, Access $access): OutletDoor
    {
        return match ($place->kind) {
            PlaceKind::Service => new ServiceDoor(
                new ServiceLine($this->http, $place, $access), $place->whole('piece_bytes', self::PIECE),
            ),
            PlaceKind::Disk => new DiskDoor($this->disk([
                'driver' => 's3',
                'bucket' => $place->text('bucket'),
                'region' => $place->text('region'),
                'key' => $place->text('key'),
                'secret' => $place->text('secret'),
                'root' => trim($place->text('prefix'), '/'),
                'use_path_style_endpoint' => ($place->set['path_style'] ?? false) === true,
                'http' => ['timeout' => $place->whole('timeout', 300), 'connect_timeout' => 5],
                ...($place->text('endpoint') === '' ? [] : ['endpoint' => $place->text('endpoint')]),
            ]), $folder, moves: false),
            PlaceKind::Sftp => new DiskDoor($this->disk([
                'driver' => 'sftp',
                'host' => $place->text('host'),
                'port' => $place->whole('port', 22),
                'username' => $place->text('username'),
                'root' => rtrim($place->text('root'), '/'),
                'hostFingerprint' => $place->text('fingerprint'),
                'timeout' => $place->whole('timeout', 30),
                ...($place->text('private_key') === '' ? [] : ['privateKey' => $place->text('private_key')]),
                ...($place->text('password') === '' ? [] : ['password' => $place->text('password')]),
            ]), $folder),
            PlaceKind::Folder => new DiskDoor($this->disk([
                'driver' => 'local', 'root' => rtrim($place->text('path'), '/'),
            ]), $folder),
        };
    }

    /** @param  array<string, mixed>  $set */
    private function disk(array $set): Filesystem
    {
        return Storage::build(['throw' => true, ...$set]);
    }
}
