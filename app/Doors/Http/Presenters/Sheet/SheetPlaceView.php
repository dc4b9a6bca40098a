<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Sheet;

use App\Doors\Http\Presenters\Settings\SettingGroup;

final readonly class SheetPlaceView
{
    /**
     * @param  int  $number  of the scene, from 1
     * @param  array<string, SettingGroup>  $scene  by section
     * @param  array<string, SettingGroup>  $shot  none while it is not planned
     */
    public function __construct(
        public int $number,
        public array $scene,
        public array $shot,
    ) {
    }
}
