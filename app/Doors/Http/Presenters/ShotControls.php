<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use App\Shelves\Models\Shot;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\LookSettings;
use RapidReel\Plan\Settings\MatteSettings;
use RapidReel\Plan\Settings\SettingValues;

/** What can be set for one shot alone. */
final class ShotControls
{
    private const OF_CLIP = [
        'framing', 'closeness', 'match_colours', 'dim', 'transition', 'transition_ms', 'clip_fit', 'clip_sound',
        'effect',
    ];

    /** @return array<string, ScopeControl> of how it is graded, by key */
    public static function look(Shot $row, CutShot $shot, SettingValues $above, int $channel): array
    {
        return self::all($row, $shot, $above, $channel, [...LookSettings::keys(), ...MatteSettings::KEYS]);
    }

    /**
     * @param  SettingValues  $above  what holds for its scene
     * @return array<string, ScopeControl> by key
     */
    public static function of(Shot $row, CutShot $shot, SettingValues $above, int $channel): array
    {
        return self::all($row, $shot, $above, $channel, $shot->source->isClip() ? self::OF_CLIP : null);
    }

    /**
     * @param  list<string>|null  $keys
     * @return array<string, ScopeControl>
     */
    private static function all(Shot $row, CutShot $shot, SettingValues $above, int $channel, ?array $keys): array
    {
        return ScopeControl::all(
            Level::Shot,
            $above->and(Level::Shot, $row->settings),
            $above,
            $channel,
            $row->id,
            sprintf('the shot at %d:%04.1f', intdiv($shot->startMs, 60_000), ($shot->startMs % 60_000) / 1000),
            $keys,
        );
    }
}
