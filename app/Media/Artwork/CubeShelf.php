<?php

declare(strict_types=1);

namespace App\Media\Artwork;

use App\Media\Store\DamagedPart;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Base\Colour\CubeTable;

/** Colour tables as they are kept: under the hash of what is in them, so that a recipe means the same everywhere. */
final readonly class CubeShelf
{
    public function __construct(private MediaStore $store)
    {
    }

    /**
     * @return string its hash
     *
     * @throws StrangePlace
     */
    public function keep(CubeTable $table): string
    {
        $text = $table->write();
        $hash = hash('sha256', $text);
        if (@hash_file('sha256', $this->file($hash)) !== $hash) {
            $this->store->put($this->file($hash), $text);
        }

        return $hash;
    }

    /**
     * @throws DamagedPart when it is gone, or is another one
     * @throws StrangePlace
     */
    public function lay(string $hash, string $target): void
    {
        if (@hash_file('sha256', $this->file($hash)) !== $hash) {
            throw DamagedPart::table();
        }
        $this->store->copy($this->file($hash), $target);
    }

    /** @throws StrangePlace */
    public function file(string $hash): string
    {
        return $this->store->keyed('cubes', $hash, 'cube');
    }
}
