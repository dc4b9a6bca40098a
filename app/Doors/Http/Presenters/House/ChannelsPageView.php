<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\House;

use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;
use App\Shelves\Models\Pattern;

final readonly class ChannelsPageView
{
    /**
     * @param  list<Channel>  $channels  of the account
     * @param  list<ColourTable>  $tables
     * @param  list<Pattern>  $patterns
     */
    public function __construct(
        public Channel $channel,
        public array $channels,
        public array $tables,
        public array $patterns,
    ) {
    }
}
