<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Shelves\Models\Export;
use RapidReel\Making\Publish\Listing\Listing;

/** A short that may leave: its file, and what goes with it. */
final readonly class Departure
{
    public function __construct(
        public Export $export,
        public string $file,
        public string $name,
        public Listing $listing,
    ) {
    }
}
