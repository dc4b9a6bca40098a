<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use RapidReel\Plan\Settings\SettingValues;

/** What holds for one shot, beside what would hold if nothing were set for it alone. */
final readonly class SetHere
{
    /** @param  int  $row  id of the shot's row */
    public function __construct(
        public int $row,
        public SettingValues $settled,
        public SettingValues $above,
    ) {
    }
}
