<?php

declare(strict_types=1);

namespace App\Doors\Http;

use Illuminate\Session\FileSessionHandler;
use SessionHandlerInterface;
use Throwable;

/** Sessions in files. One that cannot be written, as on a full disk, keeps no page from answering. */
final readonly class LenientSessions implements SessionHandlerInterface
{
    public function __construct(private FileSessionHandler $files)
    {
    }

    public function open(string $path, string $name): bool
    {
        return true;
    }

    public function close(): bool
    {
        return true;
    }

    public function read(string $id): string
    {
        return (string) $this->files->read($id);
    }

    public function write(string $id, string $data): bool
    {
        try {
            return (bool) $this->files->write($id, $data);
        } catch (Throwable) {
            return false;
        }
    }

    public function destroy(string $id): bool
    {
        return (bool) $this->files->destroy($id);
    }

    public function gc(int $max_lifetime): int
    {
        return (int) $this->files->gc($max_lifetime);
    }
}
