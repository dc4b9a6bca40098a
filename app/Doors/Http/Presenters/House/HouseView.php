<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\House;

use App\Doors\Http\Presenters\HistoryLine;
use App\Doors\Http\Presenters\ScopeControl;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;
use App\Shelves\Models\Pattern;

final readonly class HouseView
{
    /**
     * @param  list<Channel>  $channels  of the account
     * @param  array<string, ScopeControl>  $controls  by key
     * @param  array<string, ScopeControl>  $look
     * @param  array<string, ScopeControl>  $grounds  of what stands behind pictures
     * @param  array<string, ScopeControl>  $cards
     * @param  array<string, ScopeControl>  $edges  of what stands before and after shorts
     * @param  list<ColourTable>  $tables
     * @param  array<string, ScopeControl>  $logo
     * @param  list<LogoCard>  $logos
     * @param  list<Pattern>  $patterns
     * @param  list<HistoryLine>  $history
     * @param  list<array{batch: Batch, shorts: int, exports: int, of: int}>  $own  batches with values of their own
     * @param  int  $shorts  of the channel
     */
    public function __construct(
        public Channel $channel,
        public array $channels,
        public array $controls,
        public array $look,
        public array $grounds,
        public array $cards,
        public array $edges,
        public array $tables,
        public array $logo,
        public array $logos,
        public array $patterns,
        public array $history,
        public array $own,
        public int $shorts,
    ) {
    }
}
