<?php

declare(strict_types=1);

namespace App\Media\Depot;

use App\Ground\Work\Folder;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use Closure;
use RuntimeException;

/**
 * A folder that all machines see, as over NFS: the root of the main machine's media disk. Nothing is locked there. What
 * is on its way has a name of its machine, and gets its own by a rename within that disk.
 */
final readonly class FolderDepot implements Depot
{
    public const ARRIVING = 'arriving';

    /** As long as the disk may take to show what another machine put there. */
    private const SEEN_WITHIN_MS = 4_000;

    /** @param  string  $machine  letters, digits and hyphens */
    public function __construct(
        private MediaStore $store,
        private string $machine,
    ) {
    }

    public function has(string $name): bool
    {
        $place = $this->store->path($name);
        clearstatcache(true, $place);

        return is_file($place);
    }

    public function fetch(string $name, string $target, ?Closure $tick = null): void
    {
        $from = @fopen($this->store->path($name), 'rb');
        if ($from === false) {
            throw new RuntimeException("The media disk does not have $name, or does not let it be read.");
        }
        try {
            if (! Pieces::copy($from, $target, $tick)) {
                throw new RuntimeException("A file of the media disk could not be copied to its end, $name.");
            }
        } finally {
            fclose($from);
        }
    }

    public function send(string $file, string $name): void
    {
        $place = $this->store->path($name);
        $arriving = $this->store->path(self::ARRIVING."/{$this->machine}-".bin2hex(random_bytes(8)));
        Folder::make(dirname($arriving));
        try {
            $this->store->handOut($file, $arriving);
            $this->store->publish($arriving, $place);
        } finally {
            @unlink($arriving);
        }
        if (! $this->has($name)) {
            throw new RuntimeException("The media disk lost a file as soon as it had it, $name.");
        }
    }

    public function drop(string $name): void
    {
        $this->store->discard($this->store->path($name));
    }

    /**
     * Waits until files are seen that another machine put there.
     *
     * @param  list<string>  $names
     *
     * @throws StrangePlace
     */
    public function await(array $names): bool
    {
        $until = hrtime(true) / 1e6 + self::SEEN_WITHIN_MS;
        foreach ($names as $name) {
            while (! $this->has($name)) {
                if (hrtime(true) / 1e6 > $until) {
                    return false;
                }
                // Asked for its folder, a disk over the network looks again.
                @scandir(dirname($this->store->path($name)));
                usleep(50_000);
            }
        }

        return true;
    }
}
