<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Desks\Machines\MachinesDesk;
use App\Ground\Work\DiskRoom;
use App\Makers\Videos\FinishedVideos;
use App\Media\Farm\ArrivingSweep;
use App\Media\Store\MediaStore;

/** What a worker looks after between two orders. */
final class Housekeeping
{
    private const EVERY_SECONDS = 10;

    private ?int $last = null;

    public function __construct(
        private readonly DiskRoom $room,
        private readonly OrphanSweep $strays,
        private readonly MediaStore $store,
        private readonly WorkerMark $mark,
        private readonly FinishedVideos $videos,
        private readonly ArrivingSweep $arriving,
        private readonly MachinesDesk $machines,
    ) {
    }

    /** @return bool|null false while no order is to be taken, as nothing could be written */
    public function look(): ?bool
    {
        if ($this->room->isShort()) {
            return false;
        }
        // By a clock that nobody sets.
        $now = hrtime(true);
        if ($this->last === null || $now - $this->last >= self::EVERY_SECONDS * 1_000_000_000) {
            $this->last = $now;
            $this->strays->order();
            $this->store->sweep();
            $this->mark->sweep();
            $this->videos->sweep();
            $this->arriving->sweep();
            $this->machines->tell();
        }

        return null;
    }
}
