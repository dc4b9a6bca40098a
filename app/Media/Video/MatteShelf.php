<?php

declare(strict_types=1);

namespace App\Media\Video;

use App\Media\Store\KeptFiles;
use App\Media\Store\KeyedLock;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Pictures\Matte\Matte;
use RapidReel\Pictures\Matte\MatteTables;

/**
 * The tables by which subjects are taken off their ground: worked out once, kept under the hash of what they are of.
 */
final readonly class MatteShelf
{
    public function __construct(
        private MediaStore $store,
        private KeptFiles $kept,
        private KeyedLock $locks,
    ) {
    }

    /**
     * @param  array{string, string}  $names  of both files in the folder
     *
     * @throws StrangePlace
     */
    public function lay(Matte $key, string $folder, array $names): void
    {
        $places = array_map(
            fn (string $which): string => $this->store->keyed('keys', hash('sha256', $key->tables().$which), 'cube'),
            ['much', 'clean'],
        );
        $this->locks->hold('key-'.$key->tables(), function () use ($key, $places, $folder): void {
            if ($this->kept->isRight($places[0]) && $this->kept->isRight($places[1])) {
                return;
            }
            foreach (MatteTables::of($key->ground, $key->spill) as $i => $text) {
                $this->store->write("$folder/table", $text);
                $this->kept->put("$folder/table", $places[$i]);
            }
        });
        foreach ($names as $i => $name) {
            $this->store->copy($places[$i], "$folder/$name");
        }
    }
}
