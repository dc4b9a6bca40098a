<?php

declare(strict_types=1);

namespace App\Media\Disk;

use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use JsonException;
use RapidReel\Base\Refusal;

/** Measures what fills the media disk, and keeps what it found until it measures again. */
final readonly class DiskMeter
{
    private const KEPT = 'measured/disk.json';

    /** @param  string  $database  the file */
    public function __construct(
        private MediaStore $store,
        private string $database,
    ) {
    }

    /**
     * Goes through all files: some seconds for a hundred thousand.
     *
     * @param  string  $said  what came of the act before it
     *
     * @throws StrangePlace
     * @throws JsonException
     */
    public function measure(Owners $owners, string $said): DiskUse
    {
        $kinds = $batches = $seen = [];
        $strays = 0;
        foreach (DiskKind::inOrder($this->store->rooms()) as $room) {
            $kind = DiskKind::of($room);
            foreach ($this->store->files($room) as $place => $file) {
                $stat = @stat($place);
                // Another name for a file takes no room.
                if ($stat === false || ($stat['nlink'] > 1 && isset($seen[$stat['ino']]))) {
                    continue;
                }
                if ($stat['nlink'] > 1) {
                    $seen[$stat['ino']] = true;
                }
                $bytes = $stat['size'];
                $kinds[$kind->value] ??= [0, 0];
                $kinds[$kind->value][0]++;
                $kinds[$kind->value][1] += $bytes;
                $batch = $owners->of(substr($place, strlen($this->store->root()) + 1));
                if ($batch !== null) {
                    $batches[$batch][$kind->value] = ($batches[$batch][$kind->value] ?? 0) + $bytes;
                } elseif ($room === 'exports') {
                    $strays += $bytes;
                }
            }
        }
        $use = new DiskUse(time(), $kinds, $batches, $strays, array_sum(array_map(
            static fn (string $file): int => (int) @filesize($file), glob("{$this->database}*") ?: [],
        )), $said);
        $this->store->put($this->store->path(self::KEPT), $use->toJson());

        return $use;
    }

    /**
     * What was found last; null where nobody measured yet.
     *
     * @throws StrangePlace
     */
    public function last(): ?DiskUse
    {
        $kept = @file_get_contents($this->store->path(self::KEPT));
        try {
            return $kept === false ? null : DiskUse::fromJson($kept);
        } catch (Refusal) {
            return null;
        }
    }
}
