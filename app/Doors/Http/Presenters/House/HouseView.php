<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\House;

use App\Doors\Http\Presenters\Settings\SettingGroup;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;

final readonly class HouseView
{
    /**
     * @param  array<string, SettingGroup>  $groups  by section
     * @param  list<LogoCard>  $logos
     * @param  list<array{batch: Batch, shorts: int, exports: int, of: int}>  $own  batches with values of their own
     * @param  int  $shorts  of the channel
     * @param  Footage|null  $shown  on which looks and transitions are shown; null where there is none
     * @param  Footage|null  $wide  on which framings are
     */
    public function __construct(
        public Channel $channel,
        public array $groups,
        public array $logos,
        public array $own,
        public int $shorts,
        public ?Footage $shown,
        public ?Footage $wide,
    ) {
    }
}
