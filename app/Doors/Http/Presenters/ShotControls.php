<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use App\Shelves\Models\Shot;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\SettingValues;

/** What can be set for one shot alone. */
final class ShotControls
{
    /**
     * @param  SettingValues  $above  what holds for its scene
     * @return array<string, ScopeControl> by key
     */
    public static function of(Shot $row, CutShot $shot, SettingValues $above, int $channel): array
    {
        return array_filter(ScopeControl::all(
            Level::Shot,
            $above->and(Level::Shot, $row->settings),
            $above,
            $channel,
            $row->id,
            sprintf('the shot at %d:%04.1f', intdiv($shot->startMs, 60_000), ($shot->startMs % 60_000) / 1000),
        ), static fn (ScopeControl $one): bool => $one->setting->isOf($shot->source->isClip()));
    }
}
