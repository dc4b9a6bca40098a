<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\House;

use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;
use App\Shelves\Models\Invitation;
use App\Shelves\Models\Member;
use App\Shelves\Models\Pattern;
use App\Shelves\Models\Role;

final readonly class ChannelsPageView
{
    /**
     * @param  list<Channel>  $channels  of the account
     * @param  list<ColourTable>  $tables
     * @param  list<Pattern>  $patterns
     * @param  list<Member>  $members
     * @param  list<Invitation>  $invitations  that are open
     */
    public function __construct(
        public Channel $channel,
        public array $channels,
        public array $tables,
        public array $patterns,
        public array $members,
        public array $invitations,
        public Role $role,
    ) {
    }
}
