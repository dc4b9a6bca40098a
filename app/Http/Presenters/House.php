<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use App\Editing\EditBook;
use App\Editing\PatternDesk;
use App\Models\Channel;
use App\Models\Music;
use App\Settings\Registrar;
use App\Settings\Resolver;
use RapidReel\Settings\Level;
use RapidReel\Settings\Settled;

/** The house style of a channel. */
final readonly class House
{
    public function __construct(
        private Resolver $resolver,
        private Registrar $registrar,
        private EditBook $edits,
    ) {
    }

    public function of(Channel $channel): HouseView
    {
        $usual = Settled::defaults($this->registrar->of($channel));

        return new HouseView(
            $channel,
            array_values($channel->user->channels->all()),
            ScopeControl::all(
                Level::Channel,
                $this->resolver->channel($channel),
                $usual,
                $channel->id,
                $channel->id,
                'the channel',
            ),
            array_values(
                Music::query()
                    ->whereKey(Music::at($channel)->pluck('id'))
                    ->get()
                    ->sortBy('name')
                    ->all(),
            ),
            PatternDesk::of($channel),
            $this->edits->last($channel),
            $this->edits->next($channel),
            HistoryLine::of($channel),
        );
    }
}
