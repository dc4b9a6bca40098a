<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use App\Editing\EditBook;
use App\Editing\HouseApplier;
use App\Editing\PatternDesk;
use App\Models\Channel;
use App\Models\ColourTable;
use App\Models\Logo;
use App\Models\Short;
use App\Settings\Registrar;
use App\Settings\Resolver;
use RapidReel\Settings\CardSettings;
use RapidReel\Settings\EdgeSettings;
use RapidReel\Settings\KeySettings;
use RapidReel\Settings\Level;
use RapidReel\Settings\LogoSettings;
use RapidReel\Settings\LookSettings;
use RapidReel\Settings\Settled;
use RapidReel\Settings\SoundSettings;

/** The house style of a channel. */
final readonly class House
{
    /** Those that stand with others of their kind. */
    private const ELSEWHERE = ['look', 'logo', 'key', 'opening', 'ending', 'title_card', 'pointer', 'progress'];

    public function __construct(
        private Resolver $resolver,
        private Registrar $registrar,
        private EditBook $edits,
        private HousePreview $preview,
        private HouseApplier $applier,
    ) {
    }

    public function of(Channel $channel): HouseView
    {
        $usual = Settled::defaults($this->registrar->of($channel));

        return new HouseView(
            $channel,
            array_values($channel->user->channels->all()),
            array_diff_key(ScopeControl::all(
                Level::Channel,
                $this->resolver->channel($channel),
                $usual,
                $channel->id,
                $channel->id,
                'the channel',
            ), array_flip(self::ELSEWHERE), array_flip(SoundSettings::MAIN)),
            ScopeControl::all(
                Level::Channel, $this->resolver->channel($channel), $usual, $channel->id, $channel->id, 'the channel',
                LookSettings::keys(),
            ),
            ScopeControl::all(
                Level::Channel, $this->resolver->channel($channel), $usual, $channel->id, $channel->id, 'the channel',
                [...KeySettings::KEYS, 'ground_top', 'ground_bottom'],
            ),
            ScopeControl::all(
                Level::Channel, $this->resolver->channel($channel), $usual, $channel->id, $channel->id, 'the channel',
                CardSettings::KEYS,
            ),
            ScopeControl::all(
                Level::Channel, $this->resolver->channel($channel), $usual, $channel->id, $channel->id, 'the channel',
                EdgeSettings::KEYS,
            ),
            array_values(ColourTable::at($channel)->get()->sortBy('name')->all()),
            ScopeControl::all(
                Level::Channel, $this->resolver->channel($channel), $usual, $channel->id, $channel->id, 'the channel',
                LogoSettings::KEYS,
            ),
            array_map(LogoCard::of(...), array_values(Logo::at($channel)->get()->sortBy('name')->all())),
            PatternDesk::of($channel),
            $this->edits->last($channel),
            $this->edits->next($channel),
            HistoryLine::of($channel),
            $this->preview->of($channel),
            $this->applier->reach($channel),
            Short::query()->whereRelation('batch', 'channel_id', $channel->id)->count(),
        );
    }
}
