<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Sheet;

use App\Doors\Http\Presenters\ScopeControl;
use App\Doors\Http\Presenters\Settings\SettingGroup;
use App\Doors\Http\Presenters\ShotControls;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Scene;
use RapidReel\Plan\Settings\Level;

/** One place of a sheet: what is set for its scene and for its shot. */
final readonly class SheetPlace
{
    public function __construct(private Resolver $resolver)
    {
    }

    /** @param  int  $word  at which the shot begins; without a plan there is none */
    public function of(Scene $scene, int $word): SheetPlaceView
    {
        $short = $scene->short->loadMissing(['batch.channel', 'scenes.shots']);
        $number = (int) $short->scenes->search(static fn (Scene $one): bool => $one->id === $scene->id);
        $above = $this->resolver->short($short);
        $here = $above->and(Level::Scene, $scene->settings);
        $channel = $short->batch->channel_id;
        $row = $scene->shots->firstWhere('word', $word);
        $shots = [];
        $planned = $short->isPlanned() ? $short->plannedCut()?->scenes : null;
        foreach (isset($planned[$number]) ? $planned[$number]->shots : [] as $shot) {
            if ($row !== null && $shot->word === $word) {
                $shots = ShotControls::of($row, $shot, $here, $channel);
            }
        }

        return new SheetPlaceView(
            $number + 1,
            SettingGroup::all(ScopeControl::all(
                Level::Scene, $here, $above, $channel, $scene->id, 'scene '.($number + 1),
            )),
            SettingGroup::all($shots),
        );
    }
}
