<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\House;

use App\Desks\Editing\EditBook;
use App\Desks\Editing\House\HouseApplier;
use App\Desks\Editing\House\HouseImportDesk;
use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ScopeControl;
use App\Doors\Http\Presenters\Settings\SettingGroup;
use App\Shelves\Levels\Registrar;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use App\Shelves\Models\HouseImportState;
use App\Shelves\Models\Logo;
use App\Shelves\Models\Short;
use RapidReel\Plan\Settings\CaptionSettings;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\SettingValues;

/** The house style of a channel. */
final readonly class House
{
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

        return new HouseView(
            $channel,
            SettingGroup::all(ScopeControl::all(
                Level::Channel, $here, $usual, $channel->id, $channel->id, 'the channel', null,
                CaptionSettings::style($here)?->toArray() ?? [],
            )),
            array_map(LogoCard::of(...), array_values(Logo::at($channel)->get()->sortBy('name')->all())),
            $this->applier->reach($channel),
            Short::query()->whereRelation('batch', 'channel_id', $channel->id)->count(),
            $this->shown($channel),
            $this->wide($channel),
        );
    }

    /** What the first short of the channel begins with, else the footage that came last. */
    private function shown(Channel $channel): ?Footage
    {
        $first = Short::query()->whereRelation('batch', 'channel_id', $channel->id)->oldest('id')->first();
        $scene = $first?->scenes()->orderBy('position')->first();
        $own = $scene?->shots()->orderBy('word')->first();

        return Footage::at($channel)->find($own->footage_id ?? 0)
            ?? Footage::at($channel)->where('state', FootageState::Ready)->latest('id')->first();
    }

    /** On which framings are told apart best. */
    private function wide(Channel $channel): ?Footage
    {
        return Footage::at($channel)->where('state', FootageState::Ready)
            ->orderByRaw('1.0 * width / max(1, height) desc')->oldest('id')->first();
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
