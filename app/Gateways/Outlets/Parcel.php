<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

use RapidReel\Making\Publish\Listing\Listing;

/** A short as it leaves. */
final readonly class Parcel
{
    /**
     * @param  string  $key  the same for the same posting, however often it is sent
     * @param  string  $name  of its files, without extension; plain
     * @param  string  $file  path of the video
     * @param  string  $cover  JPEG; empty for none
     * @param  bool  $asDraft  for nobody to see yet
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $file,
        public int $bytes,
        public string $sha256,
        public Listing $listing,
        public string $cover = '',
        public bool $asDraft = false,
    ) {
    }
}
