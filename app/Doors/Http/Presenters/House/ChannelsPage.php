<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\House;

use App\Desks\Editing\PatternDesk;
use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;

/** The channels of an account, and what one of them holds beside its settings. */
final readonly class ChannelsPage
{
    public function of(Channel $channel): ChannelsPageView
    {
        return new ChannelsPageView(
            $channel,
            array_values($channel->user->channels->all()),
            array_values(ColourTable::at($channel)->get()->sortBy('name')->all()),
            PatternDesk::of($channel),
        );
    }
}
