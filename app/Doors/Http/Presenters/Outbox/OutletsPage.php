<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Outbox;

use App\Desks\Editing\TargetDesk;
use App\Desks\Outbox\OutletDesk;
use App\Doors\Http\Presenters\ScopeControl;
use App\Doors\Http\Presenters\Versions\VersionsPage;
use App\Gateways\Outlets\OutletBook;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\PostState;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\OutboxSettings;
use RapidReel\Plan\Settings\Setting;

/** The outlets of a channel, and what holds for all that leaves it. */
final readonly class OutletsPage
{
    public function __construct(
        private OutletBook $book,
        private Resolver $resolver,
        private VersionsPage $versions,
    ) {
    }

    public function of(Channel $channel): OutletsPageView
    {
        $problem = '';
        $places = [];
        try {
            $places = $this->book->all();
        } catch (Refusal $refused) {
            $problem = $refused->getMessage();
        }
        $here = $this->resolver->channel($channel);

        return new OutletsPageView(
            $channel,
            array_map(static fn (Outlet $outlet): OutletCard => new OutletCard(
                $outlet, $places[$outlet->place] ?? null,
                OutletDesk::counts($outlet, PostState::Planned), OutletDesk::counts($outlet, PostState::Posted),
            ), OutletDesk::of($channel)),
            array_values($places),
            TargetDesk::all($channel)->labels(),
            $this->versions->offered(),
            array_values(ScopeControl::all(
                Level::Channel, $here, $here->without(Level::Channel), $channel->id, $channel->id, 'the channel',
                array_map(static fn (Setting $one): string => $one->key, OutboxSettings::all()),
            )),
            $problem,
        );
    }
}
