<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Media\MediaStore;
use App\Work\DiskRoom;

/** What a worker looks after between two orders. */
final class Housekeeping
{
    private const EVERY_SECONDS = 10;

    private int $last = 0;

    public function __construct(
        private readonly DiskRoom $room,
        private readonly Strays $strays,
        private readonly MediaStore $store,
    ) {
    }

    /** @return bool|null false while no order is to be taken, as nothing could be written */
    public function look(): ?bool
    {
        if ($this->room->isShort()) {
            return false;
        }
        if (time() - $this->last >= self::EVERY_SECONDS) {
            $this->last = time();
            $this->strays->order();
            $this->store->sweep();
        }

        return null;
    }
}
