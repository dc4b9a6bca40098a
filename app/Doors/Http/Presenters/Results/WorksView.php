<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Results;

use RapidReel\Making\Publish\Results\Spread;
use RapidReel\Making\Publish\Results\Variants;

/** What works, as its page shows it. */
final readonly class WorksView
{
    /**
     * @param  Spread|null  $all  of all that are old enough; null where none is
     * @param  array<string, list<GroupBar>>  $factors  by their labels
     * @param  list<Variants>  $variants
     */
    public function __construct(
        public ?Spread $all,
        public array $factors,
        public array $variants,
    ) {
    }
}
