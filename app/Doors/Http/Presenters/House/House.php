<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\House;

use App\Desks\Editing\EditBook;
use App\Desks\Editing\House\HouseApplier;
use App\Desks\Editing\House\HouseImportDesk;
use App\Desks\Editing\PatternDesk;
use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ScopeControl;
use App\Shelves\Levels\Registrar;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;
use App\Shelves\Models\HouseImportState;
use App\Shelves\Models\Logo;
use App\Shelves\Models\Short;
use RapidReel\Plan\Settings\CardSettings;
use RapidReel\Plan\Settings\EdgeSettings;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\LogoSettings;
use RapidReel\Plan\Settings\LookSettings;
use RapidReel\Plan\Settings\MatteSettings;
use RapidReel\Plan\Settings\SettingValues;
use RapidReel\Plan\Settings\SoundSettings;

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
        private HouseImportDesk $imports,
    ) {
    }

    /**
     * How a house style that was brought as a file has come along; how it ended is told once.
     *
     * @return array{state: string, said: string, problems: list<string>}|null
     */
    public function brought(Channel $channel): ?array
    {
        $import = $this->imports->untold($channel);
        if ($import === null) {
            return null;
        }
        if ($import->state !== HouseImportState::Waiting) {
            $import->update(['seen' => true]);
        }

        return [
            'state' => $import->state->value,
            'said' => match ($import->state) {
                HouseImportState::Waiting => "“{$import->name}” is being taken over. The page shows it as soon as it "
                    .'is done; you can go on working.',
                HouseImportState::Done => "The house style is that of “{$import->name}” now.",
                HouseImportState::Failed => "“{$import->name}” was not taken over. Nothing was changed.",
            },
            'problems' => $import->problems,
        ];
    }

    public function of(Channel $channel): HouseView
    {
        $here = $this->resolver->channel($channel);
        $usual = SettingValues::defaults($this->registrar->of($channel));
        $controls = static fn (?array $keys): array => ScopeControl::all(
            Level::Channel, $here, $usual, $channel->id, $channel->id, 'the channel', $keys,
        );

        return new HouseView(
            $channel,
            array_values($channel->user->channels->all()),
            [
                'main' => array_diff_key(
                    $controls(null), array_flip(self::ELSEWHERE), array_flip(SoundSettings::MAIN),
                ),
                'logo' => $controls(LogoSettings::KEYS),
                'look' => $controls(LookSettings::keys()),
                'grounds' => $controls([...MatteSettings::KEYS, 'ground_top', 'ground_bottom']),
                'cards' => $controls(CardSettings::KEYS),
                'edges' => $controls(EdgeSettings::KEYS),
            ],
            array_map(LogoCard::of(...), array_values(Logo::at($channel)->get()->sortBy('name')->all())),
            array_values(ColourTable::at($channel)->get()->sortBy('name')->all()),
            PatternDesk::of($channel),
            $this->applier->reach($channel),
            Short::query()->whereRelation('batch', 'channel_id', $channel->id)->count(),
        );
    }

    public function state(Channel $channel): HouseState
    {
        $preview = $this->preview->of($channel);
        $isBringing = $this->imports->untold($channel)?->state === HouseImportState::Waiting;

        return new HouseState(
            $preview,
            $isBringing,
            PageState::of($channel, $this->edits, $isBringing || ($preview['working'] ?? false) === true),
        );
    }
}
