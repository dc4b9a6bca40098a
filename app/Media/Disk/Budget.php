<?php

declare(strict_types=1);

namespace App\Media\Disk;

use App\Media\Store\InUse;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;

/**
 * Keeps what can be made again within so many bytes: what was not used for longest goes first, of what is as old that
 * which is cheap to make again; nothing goes that is in use.
 */
final readonly class Budget
{
    /** What was used so lately may be in use by somebody who says so nowhere: a page, another machine. */
    public const IN_USE_SECONDS = 1_800;

    /** So that not every run has a little to do. */
    private const DOWN_TO = 0.9;

    private const SEAL = '.seal';

    public function __construct(
        private MediaStore $store,
        private InUse $inUse,
    ) {
    }

    /**
     * @param  callable(string): bool  $returns  whether a source, told by its key, is there once more in a library
     * @param  int|null  $now  Unix time
     *
     * @throws StrangePlace
     */
    public function keep(int $most, callable $returns, ?int $now = null): Swept
    {
        $now ??= time();
        $files = $order = [];
        $whole = $inUse = 0;
        foreach ($this->found(null, $returns) as $name => [$usedAt, $bytes, $worth]) {
            $files[$name] = $bytes;
            $order[$name] = ($now - $usedAt) / $worth;
            $whole += $bytes;
        }
        if ($whole <= $most) {
            return new Swept(0, $whole, 0);
        }
        arsort($order);
        $freed = 0;
        $held = $this->inUse->names();
        foreach (array_keys($order) as $name) {
            if ($whole - $freed <= $most * self::DOWN_TO) {
                break;
            }
            $isTaken = $this->take((string) $name, $held, $now);
            $freed += $isTaken ? $files[$name] : 0;
            $inUse += $isTaken ? 0 : $files[$name];
        }

        return new Swept($freed, $whole - $freed, $inUse);
    }

    /**
     * Takes away all of a kind that can be made again, or of some keys of it.
     *
     * @param  callable(string): bool  $returns
     * @param  array<string, mixed>|null  $keys  null for all
     *
     * @throws StrangePlace
     */
    public function empty(?DiskKind $kind, callable $returns, ?array $keys = null): Swept
    {
        $freed = $left = $inUse = 0;
        $held = $this->inUse->names();
        foreach ($this->found($kind, $returns) as $name => [, $bytes]) {
            if ($keys !== null && ! isset($keys[Owners::key($name)])) {
                $left += $bytes;
            } elseif ($this->take($name, $held, time())) {
                $freed += $bytes;
            } else {
                $inUse += $bytes;
            }
        }

        return new Swept($freed, $left + $inUse, $inUse);
    }

    /**
     * @param  callable(string): bool  $returns
     * @return iterable<string, array{int, int, int}> when it was last used, its bytes, its worth, by name
     *
     * @throws StrangePlace
     */
    private function found(?DiskKind $kind, callable $returns): iterable
    {
        foreach ($this->store->rooms() as $room) {
            $worth = DiskKind::of($room)->worth();
            if ($worth === null || ($kind !== null && DiskKind::of($room) !== $kind)) {
                continue;
            }
            foreach ($this->store->files($room) as $place => $file) {
                // Another name for what stands elsewhere too takes no room.
                $stat = @stat($place);
                if (
                    str_ends_with($place, self::SEAL) || $stat === false || $stat['nlink'] > 1
                    || (DiskKind::of($room) === DiskKind::Forms && ! $returns(Owners::key($place)))
                ) {
                    continue;
                }
                yield $this->store->name($place) => [self::usedAt($place), $stat['size'], $worth];
            }
        }
    }

    /**
     * @param  array<string, true>  $held
     *
     * @throws StrangePlace
     */
    private function take(string $name, array $held, int $now): bool
    {
        $place = $this->store->path($name);
        clearstatcache();
        if (isset($held[$name]) || self::usedAt($place) > $now - self::IN_USE_SECONDS) {
            return false;
        }
        // Without its seal it counts as not there, whoever reads it at this moment.
        @unlink($place.self::SEAL);

        return @unlink($place);
    }

    /** Whoever uses what is sealed touches its seal. */
    private static function usedAt(string $place): int
    {
        return max((int) @filemtime($place), (int) @filemtime($place.self::SEAL));
    }
}
