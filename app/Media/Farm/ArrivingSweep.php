<?php

declare(strict_types=1);

namespace App\Media\Farm;

use App\Media\Depot\FolderDepot;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;

/** Takes away what machines that are gone left half on the disk that all see. */
final readonly class ArrivingSweep
{
    public function __construct(
        private MediaStore $store,
        private FarmLink $link,
        private Roll $roll,
    ) {
    }

    /**
     * @return int how much was taken away
     *
     * @throws StrangePlace
     */
    public function sweep(): int
    {
        $left = glob($this->store->path(FolderDepot::ARRIVING).'/*') ?: [];
        if ($left === []) {
            return 0;
        }
        try {
            $there = $this->link->isSet() ? array_column($this->roll->makers(), 'machine') : [];
        } catch (FarmUnreachable) {
            // They may be there all the same.
            return 0;
        }
        $swept = 0;
        foreach ($left as $file) {
            // Its name is that of its machine, and then by chance.
            $machine = (string) preg_replace('/-[0-9a-f]{16}$/D', '', basename($file));
            if (! in_array($machine, $there, true)) {
                $swept += (int) @unlink($file);
            }
        }

        return $swept;
    }
}
