<?php

declare(strict_types=1);

namespace App\Shelves\Levels;

use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Short;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\SettingValues;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\ShotMark;

/** Tells what holds where: the narrower level wins. */
final readonly class Resolver
{
    public function __construct(private Registrar $registrar)
    {
    }

    public function channel(Channel $channel): SettingValues
    {
        return SettingValues::defaults($this->registrar->of($channel))->and(Level::Channel, $channel->settings);
    }

    public function batch(Batch $batch): SettingValues
    {
        return $this->channel($batch->channel)->and(Level::Batch, $batch->settings);
    }

    public function short(Short $short): SettingValues
    {
        return $this->batch($short->batch)->and(Level::Short, $short->settings);
    }

    public function scene(Short $short, Scene $scene): SettingValues
    {
        return $this->short($short)->and(Level::Scene, $scene->own->settings);
    }

    public function shot(Short $short, Scene $scene, ShotMark $shot): SettingValues
    {
        return $this->scene($short, $scene)->and(Level::Shot, $shot->own);
    }

    /** For scripts that are in no batch yet. */
    public function intake(
        ?Channel $channel,
        Values $batch,
        Values $short,
        ?\RapidReel\Plan\Settings\Registry $registry = null,
    ): SettingValues {
        $settled = SettingValues::defaults($registry ?? $this->registrar->of($channel));

        return ($channel === null ? $settled : $settled->and(Level::Channel, $channel->settings))
            ->and(Level::Batch, $batch)->and(Level::Short, $short);
    }
}
