<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Sheet;

use App\Doors\Http\Presenters\ScopeControl;

final readonly class SheetPlaceView
{
    /**
     * @param  int  $number  of the scene, from 1
     * @param  array<string, ScopeControl>  $scene
     * @param  array<string, ScopeControl>  $shot  none while it is not planned
     * @param  array<string, ScopeControl>  $look  of the shot
     */
    public function __construct(
        public int $number,
        public array $scene,
        public array $shot,
        public array $look,
    ) {
    }
}
