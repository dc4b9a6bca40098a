<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Rundown;

use App\Doors\Http\Presenters\ScopeControl;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Pattern;
use RapidReel\Plan\Settings\Setting;

/** What of a batch's page does not change while shorts are being made. */
final readonly class RundownPage
{
    /**
     * @param  array<string, list<Setting>>  $forChosen  what may be set for chosen shorts, by the name of its section
     * @param  array<string, ScopeControl>  $limits  how far its shorts may be brought to a length
     * @param  list<Pattern>  $patterns  that can be given
     */
    public function __construct(
        public Batch $batch,
        public array $forChosen,
        public array $limits,
        public array $patterns,
    ) {
    }
}
