<?php

declare(strict_types=1);

namespace App\Media;

use RapidReel\Colour\CubeTable;

/** Colour tables as they are kept: under the hash of what is in them, so that a recipe means the same everywhere. */
final readonly class CubeShelf
{
    public function __construct(private MediaStore $store)
    {
    }

    /** @return string its hash */
    public function keep(CubeTable $table): string
    {
        $text = $table->write();
        $hash = hash('sha256', $text);
        if (! is_file($this->file($hash))) {
            $this->store->put($this->file($hash), $text);
        }

        return $hash;
    }

    /** @throws MissingFootage when it is gone */
    public function lay(string $hash, string $target): void
    {
        if (! is_file($this->file($hash))) {
            throw new MissingFootage('the colour table');
        }
        $this->store->copy($this->file($hash), $target);
    }

    public function file(string $hash): string
    {
        return $this->store->keyed('cubes', $hash, 'cube');
    }
}
