<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Short;

use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ShortRow;
use App\Shelves\Models\Short;

final readonly class ShortPageView
{
    /**
     * @param  string  $lead  who reads it, for which target, and when it is to be out
     * @param  list<SceneLine>  $scenes
     */
    public function __construct(
        public Short $short,
        public ShortRow $row,
        public string $lead,
        public array $scenes,
        public PageState $state,
    ) {
    }
}
