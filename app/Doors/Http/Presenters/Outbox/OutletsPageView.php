<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Outbox;

use App\Desks\Translating\VersionBook;
use App\Doors\Http\Presenters\ScopeControl;
use App\Gateways\Outlets\OutletPlace;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;

/** What the page of the outlets shows. */
final readonly class OutletsPageView
{
    /**
     * @param  list<OutletCard>  $cards
     * @param  list<OutletPlace>  $places  that this machine knows
     * @param  array<string, string>  $targets  labels by id
     * @param  array<string, string>  $languages  names of those that versions can have, by their tags
     * @param  list<ScopeControl>  $controls
     * @param  string  $problem  with the file of places; empty for none
     */
    public function __construct(
        public Channel $channel,
        public array $cards,
        public array $places,
        public array $targets,
        public array $languages,
        public array $controls,
        public string $problem,
    ) {
    }

    /** @return array<string, string> what an outlet may take, with what it takes now */
    public function languages(string $now): array
    {
        $named = array_map(static fn (string $name): string => "versions in $name", $this->languages);
        $others = in_array($now, ['', Outlet::FIRST], true) ? [] : [$now => 'versions in '.VersionBook::called($now)];

        return ['' => 'all shorts', Outlet::FIRST => 'no versions in other languages', ...$named, ...$others];
    }
}
