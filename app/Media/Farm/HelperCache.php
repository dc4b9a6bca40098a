<?php

declare(strict_types=1);

namespace App\Media\Farm;

use App\Media\Depot\Depot;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use Closure;
use RapidReel\Making\Order\Order;
use RuntimeException;

/**
 * What a helper machine has of the disk that all see: files that it makes something of, by their content, no more than
 * so much of them. It is filled before something is made, and emptied of that afterwards.
 */
final class HelperCache
{
    /** What was used so lately may be in use, by another of this machine's makers. */
    private const IN_USE_SECONDS = 900;

    /** What other sources are made of has a seal beside it, if it was brought to another form. */
    private const SEALED = 'sources/';

    /** A disk that gives fewer bytes in a second than these is slow too. */
    private const BYTES_A_SECOND = 10_000_000;

    /** So much of what was measured before a file counts after it. */
    private const INERTIA = 0.7;

    private float $seconds = 0.0;

    public function __construct(
        private readonly MediaStore $store,
        private readonly Depot $depot,
        private readonly OrderFiles $files,
        private readonly int $mostBytes,
    ) {
    }

    /** What the disk makes each file wait, in seconds: those of the last files count most. */
    public function secondsPerFile(): float
    {
        return $this->seconds;
    }

    /**
     * Has all here that an order is made of.
     *
     * @param  (Closure(): mixed)|null  $tick  called again and again while files come
     *
     * @throws StrangePlace
     * @throws RuntimeException when something of it is not to be had, or is not what it should be
     */
    public function fill(Order $order, ?Closure $tick = null): void
    {
        $needs = $this->files->needs($order);
        foreach ($needs as $name => $isHere) {
            if ($isHere) {
                @touch($this->store->path($name));
            } else {
                $this->fetch($name, $tick);
            }
        }
        if (! in_array(false, $needs, true)) {
            return;
        }
        foreach ($this->files->needs($order) as $name => $isHere) {
            if (! $isHere) {
                $this->store->discard($this->store->path($name));

                throw new RuntimeException("What came from the media disk is not what it should be: $name.");
            }
        }
    }

    /**
     * Puts what was made on the disk that all see, and keeps none of it.
     *
     * @param  (Closure(): mixed)|null  $tick  called between files
     * @return list<string> the names of what was put there
     *
     * @throws StrangePlace
     * @throws RuntimeException
     */
    public function empty(Order $order, ?Closure $tick = null): array
    {
        $names = array_values(array_filter(
            $this->files->made($order), fn (string $name): bool => is_file($this->store->path($name)),
        ));
        foreach ($names as $name) {
            $file = $this->store->path($name);
            $this->timed($file, fn () => $this->depot->send($file, $name));
            $tick === null || $tick();
        }
        foreach ($names as $name) {
            $this->store->discard($this->store->path($name));
        }

        return $names;
    }

    /**
     * Takes away what was not used for longest, as far as there is too much.
     *
     * @return int bytes that are left
     *
     * @throws StrangePlace
     */
    public function sweep(): int
    {
        $files = [];
        $bytes = 0;
        foreach ($this->store->files() as $path => $file) {
            if (! str_starts_with($path, "{$this->store->root()}/work/")) {
                $files[$path] = [$file->getMTime(), $file->getSize()];
                $bytes += $file->getSize();
            }
        }
        asort($files);
        foreach ($files as $path => [$usedAt, $size]) {
            if ($bytes <= $this->mostBytes || $usedAt > time() - self::IN_USE_SECONDS) {
                break;
            }
            @unlink($path);
            $bytes -= $size;
        }

        return $bytes;
    }

    /**
     * @param  (Closure(): mixed)|null  $tick
     *
     * @throws StrangePlace
     * @throws RuntimeException
     */
    private function fetch(string $name, ?Closure $tick): void
    {
        $tick === null || $tick();
        $seal = str_starts_with($name, self::SEALED) && $this->depot->has("$name.seal") ? ["$name.seal"] : [];
        foreach ([...$seal, $name] as $one) {
            $place = $this->store->path($one);
            $this->timed($place, fn () => $this->store->fill(
                $place, fn (string $target) => $this->depot->fetch($one, $target, $tick),
            ));
        }
    }

    /**
     * @param  string  $file  that is there afterwards, whose size counts
     * @param  Closure(): mixed  $move
     */
    private function timed(string $file, Closure $move): void
    {
        $begun = hrtime(true);
        $move();
        $took = max(0.0, (hrtime(true) - $begun) / 1e9 - (int) @filesize($file) / self::BYTES_A_SECOND);
        $this->seconds = self::INERTIA * $this->seconds + (1 - self::INERTIA) * $took;
    }
}
