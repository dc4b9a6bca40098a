<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Sounds;

use App\Doors\Http\Presenters\ScopeControl;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Effect;
use App\Shelves\Models\Music;
use Illuminate\Pagination\LengthAwarePaginator;

final readonly class SoundsView
{
    /**
     * @param  LengthAwarePaginator<int, Music>  $music
     * @param  array{string, string, int}  $asked  words and mood that pieces are found by, empty for all; and how many
     *   there are in all
     * @param  list<array{id: string, name: string, own: Effect|null}>  $effects
     * @param  non-empty-array<string, string>  $moods  labels by value
     * @param  array<string, ScopeControl>  $controls  of the channel
     * @param  bool  $hasOthers  whether the account has other channels
     * @param  bool  $starts  whether it has no music of its own yet
     */
    public function __construct(
        public Channel $channel,
        public LengthAwarePaginator $music,
        public array $asked,
        public array $effects,
        public array $moods,
        public array $controls,
        public bool $hasOthers,
        public bool $starts,
    ) {
    }

    /** How many there are in all. */
    public function pieces(): string
    {
        return number_format($this->asked[2]).($this->asked[2] === 1 ? ' piece' : ' pieces');
    }
}
