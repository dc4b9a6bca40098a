<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Short;

use App\Shelves\Models\Edit;
use App\Shelves\Models\Short;

final readonly class EarlierStateView
{
    /**
     * @param  string  $settings  what the short had of its own, in words
     * @param  list<EarlierScene>  $scenes
     * @param  list<string>  $hooks
     */
    public function __construct(
        public Short $short,
        public Edit $edit,
        public string $title,
        public string $settings,
        public bool $isDeleted,
        public array $scenes,
        public array $hooks,
    ) {
    }
}
