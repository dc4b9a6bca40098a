<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Outbox;

use App\Doors\Http\Presenters\ScopeControl;
use App\Gateways\Outlets\OutletPlace;
use App\Shelves\Models\Channel;

/** What the page of the outlets shows. */
final readonly class OutletsPageView
{
    /**
     * @param  list<OutletCard>  $cards
     * @param  list<OutletPlace>  $places  that this machine knows
     * @param  array<string, string>  $targets  labels by id
     * @param  list<ScopeControl>  $controls
     * @param  string  $problem  with the file of places; empty for none
     */
    public function __construct(
        public Channel $channel,
        public array $cards,
        public array $places,
        public array $targets,
        public array $controls,
        public string $problem,
    ) {
    }
}
