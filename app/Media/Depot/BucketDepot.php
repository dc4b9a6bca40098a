<?php

declare(strict_types=1);

namespace App\Media\Depot;

use App\Media\Store\MediaStore;
use Closure;
use Illuminate\Contracts\Filesystem\Filesystem;
use RuntimeException;
use Throwable;

/** A bucket of an S3-like service, or any other disk that is no folder: what is put there appears whole. */
final readonly class BucketDepot implements Depot
{
    /** @param  MediaStore  $store  that says which names are plain */
    public function __construct(
        private Filesystem $disk,
        private MediaStore $store,
    ) {
    }

    public function has(string $name): bool
    {
        $this->store->path($name);

        return self::asked(fn (): bool => $this->disk->exists($name), 'cannot be asked');
    }

    public function fetch(string $name, string $target, ?Closure $tick = null): void
    {
        $this->store->path($name);
        $from = self::asked(fn () => $this->disk->readStream($name), "does not give $name");
        if (! is_resource($from)) {
            throw new RuntimeException("The bucket does not have $name.");
        }
        try {
            if (! Pieces::copy($from, $target, $tick)) {
                throw new RuntimeException("A file of the bucket could not be written here, $name.");
            }
        } finally {
            fclose($from);
        }
    }

    public function send(string $file, string $name): void
    {
        $this->store->path($name);
        $from = @fopen($file, 'rb');
        if ($from === false) {
            throw new RuntimeException("A file that is to go to the bucket is not there, $name.");
        }
        try {
            self::asked(fn (): bool => $this->disk->put($name, $from), "does not take $name");
        } finally {
            is_resource($from) && fclose($from);
        }
    }

    public function drop(string $name): void
    {
        $this->store->path($name);
        self::asked(fn (): bool => $this->disk->delete($name), "does not give up $name");
    }

    /**
     * @template T
     *
     * @param  callable(): T  $ask
     * @return T
     */
    private static function asked(callable $ask, string $else): mixed
    {
        try {
            $answer = $ask();
        } catch (Throwable $problem) {
            throw new RuntimeException("The bucket $else.", previous: $problem);
        }

        return $answer;
    }
}
