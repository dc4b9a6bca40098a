<?php

declare(strict_types=1);

namespace App\Shelves\Levels;

use App\Shelves\Models\Channel;
use App\Shelves\Models\Effect;

/** What effects there are to choose from. */
final class EffectNames
{
    /** What ships, by the name of its file in resources/sounds. */
    public const SHIPPED = [
        'whoosh' => 'Whoosh', 'hit' => 'Hit', 'rise' => 'Rise', 'bell' => 'Bell', 'click' => 'Click', 'page' => 'Page',
        'splash' => 'Splash', 'creak' => 'Creak', 'wind' => 'Wind', 'horn' => 'Fog horn', 'tick' => 'Tick',
        'chime' => 'Chime', 'rumble' => 'Rumble', 'drop' => 'Drop',
    ];

    /** Before the id of one that a channel brought. */
    public const OWN = 'own-';

    /** @return array<string, string> names by id */
    public static function of(?Channel $channel): array
    {
        $names = self::SHIPPED;
        foreach ($channel === null ? [] : Effect::at($channel)->orderBy('name')->get() as $one) {
            $names[self::OWN.$one->id] = $one->name;
        }

        return $names;
    }
}
