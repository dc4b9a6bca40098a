<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\House;

use App\Doors\Http\Presenters\ScopeControl;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;
use App\Shelves\Models\Pattern;

final readonly class HouseView
{
    /**
     * @param  list<Channel>  $channels  of the account
     * @param  array<string, array<string, ScopeControl>>  $controls  by key, by what they are of
     * @param  list<LogoCard>  $logos
     * @param  list<ColourTable>  $tables
     * @param  list<Pattern>  $patterns
     * @param  list<array{batch: Batch, shorts: int, exports: int, of: int}>  $own  batches with values of their own
     * @param  int  $shorts  of the channel
     */
    public function __construct(
        public Channel $channel,
        public array $channels,
        public array $controls,
        public array $logos,
        public array $tables,
        public array $patterns,
        public array $own,
        public int $shorts,
    ) {
    }
}
