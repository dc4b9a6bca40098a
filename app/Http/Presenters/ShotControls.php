<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use App\Models\Shot;
use RapidReel\Cut\CutShot;
use RapidReel\Footage\FootageKind;
use RapidReel\Settings\Level;
use RapidReel\Settings\Settled;

/** What can be set for one shot alone. */
final class ShotControls
{
    private const OF_CLIP = [
        'framing', 'closeness', 'match_colours', 'dim', 'transition', 'transition_ms', 'clip_fit',
    ];

    /**
     * @param  Settled  $above  what holds for its scene
     * @return array<string, ScopeControl> by key
     */
    public static function of(Shot $row, CutShot $shot, Settled $above, int $channel): array
    {
        return ScopeControl::all(
            Level::Shot,
            $above->and(Level::Shot, $row->settings),
            $above,
            $channel,
            $row->id,
            sprintf('the shot at %d:%04.1f', intdiv($shot->startMs, 60_000), ($shot->startMs % 60_000) / 1000),
            $shot->kind === FootageKind::Still ? null : self::OF_CLIP,
        );
    }
}
