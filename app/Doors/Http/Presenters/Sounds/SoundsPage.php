<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Sounds;

use App\Desks\Library\StarterDesk;
use App\Doors\Http\Presenters\ScopeControl;
use App\Shelves\Levels\EffectNames;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Effect;
use App\Shelves\Models\Music;
use Illuminate\Database\Eloquent\Builder;
use RapidReel\Plan\Choice\Mood;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Section;

/** The music and the effects at a channel's hand, and how they lie under its voices. */
final readonly class SoundsPage
{
    private const PIECES = 50;

    public function __construct(
        private Resolver $resolver,
        private StarterDesk $starter,
    ) {
    }

    /**
     * @param  string  $words  of the names of pieces that are shown; empty for all
     * @param  string  $mood  that they have; empty for any
     */
    public function of(Channel $channel, string $words = '', string $mood = ''): SoundsView
    {
        $here = $this->resolver->channel($channel);
        $effects = array_map(static fn (string $id, string $name): array => [
            'id' => $id, 'name' => $name, 'own' => null,
        ], array_keys(EffectNames::SHIPPED), EffectNames::SHIPPED);
        foreach (Effect::at($channel)->get()->sortBy('name') as $one) {
            $effects[] = ['id' => EffectNames::OWN.$one->id, 'name' => $one->name, 'own' => $one];
        }

        return new SoundsView(
            $channel,
            Music::at($channel)->orderBy('name')->orderBy('id')
                ->when($mood !== '', static fn (Builder $pieces) => $pieces->where('mood', $mood))
                ->when($words !== '', static fn (Builder $pieces) => $pieces
                    ->whereRaw('instr(lower(name), ?) > 0', [mb_strtolower($words)]))
                ->paginate(self::PIECES)->withQueryString(),
            [$words, $mood, Music::at($channel)->count()],
            $effects,
            Mood::labels(),
            ScopeControl::all(
                Level::Channel, $here, $here->without(Level::Channel), $channel->id, $channel->id, 'the channel',
                $here->registry->in(Section::Sound),
            ),
            $channel->user->channels->count() > 1,
            $this->starter->lacksMusic($channel),
        );
    }
}
