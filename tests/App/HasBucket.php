<?php

declare(strict_types=1);

namespace Tests\App;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Process\Process;

/** A bucket: S3 over HTTP (npm: s3rver), as the application’s disk of that name. */
trait HasBucket
{
    private Process $bucket;

    private int $bucketPort = 0;

    /** @param  string  $folder  what is put there stands below it, in `media` */
    private function openBucket(string $folder): void
    {
        File::ensureDirectoryExists($folder);
        $this->bucketPort = random_int(30_001, 40_000);
        $this->bucket = new Process([
            base_path('node_modules/.bin/s3rver'), '-d', $folder, '-a', '127.0.0.1', '-p',
            (string) $this->bucketPort, '--configure-bucket', 'media',
        ], base_path(), timeout: null);
        $this->bucket->start();
        $this->bucket->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'listening'));
        foreach (self::bucketSettings($this->bucketPort) as $name => $value) {
            config(['filesystems.disks.s3.'.strtolower(substr($name, 8)) => $value]);
        }
        Storage::forgetDisk('s3');
    }

    private function closeBucket(): void
    {
        $this->bucket->stop(0, SIGKILL);
    }

    /** @return array<string, string> */
    private static function bucketSettings(int $port): array
    {
        return [
            'REEL_S3_KEY' => 'S3RVER', 'REEL_S3_SECRET' => 'S3RVER', 'REEL_S3_BUCKET' => 'media',
            'REEL_S3_ENDPOINT' => "http://127.0.0.1:$port",
        ];
    }
}
