<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Settings;

use App\Doors\Http\Presenters\ScopeControl;
use App\Doors\Http\Presenters\ShotControls;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Access;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use App\Shelves\Models\Shot;
use App\Shelves\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Plan\Settings\CaptionSettings;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\SettingValues;

/** All that can be set for one batch, short, scene or shot, by section. */
final readonly class SettingsPanel
{
    public function __construct(private Resolver $resolver)
    {
    }

    /**
     * @return array<string, SettingGroup> by section
     *
     * @throws ModelNotFoundException<Batch|Short|Scene|Shot> where the account has none of this number
     */
    public function of(User $user, Level $level, int $id): array
    {
        return SettingGroup::all(match ($level) {
            Level::Batch => $this->batch(self::owned(Batch::query(), $user, 'channel')->findOrFail($id)),
            Level::Short => $this->short(self::owned(Short::query(), $user, 'batch.channel')->findOrFail($id)),
            Level::Scene => $this->scene(self::owned(Scene::query(), $user, 'short.batch.channel')->findOrFail($id)),
            Level::Shot => $this->shot(self::owned(Shot::query(), $user, 'scene.short.batch.channel')->findOrFail($id)),
            Level::Channel => throw (new ModelNotFoundException)->setModel(Batch::class, [$id]),
        });
    }

    /** @return array<string, ScopeControl> */
    public function batch(Batch $batch): array
    {
        $here = $this->resolver->batch($batch);

        return ScopeControl::all(
            Level::Batch, $here, $this->resolver->channel($batch->channel), $batch->channel_id, $batch->id, 'the batch',
            null, self::style($here),
        );
    }

    /** @return array<string, ScopeControl> */
    private function short(Short $short): array
    {
        $here = $this->resolver->short($short);

        return ScopeControl::all(
            Level::Short, $here, $this->resolver->batch($short->batch), $short->batch->channel_id, $short->id,
            'the short', null, self::style($here),
        );
    }

    /** @return array<string, ScopeControl> */
    private function scene(Scene $scene): array
    {
        $above = $this->resolver->short($scene->short);
        $here = $above->and(Level::Scene, $scene->settings);
        $number = 1 + Scene::query()->where('short_id', $scene->short_id)
            ->where('position', '<', $scene->position)->count();

        return ScopeControl::all(
            Level::Scene, $here, $above, $scene->short->batch->channel_id, $scene->id, "scene $number", null,
            self::style($here),
        );
    }

    /** @return array<string, ScopeControl> */
    private function shot(Shot $row): array
    {
        $short = $row->scene->short;
        $above = $this->resolver->short($short)->and(Level::Scene, $row->scene->settings);
        $planned = $short->isPlanned() ? $short->plannedCut()?->scenes : null;
        foreach ($planned ?? [] as $number => $scene) {
            foreach (($short->scenes[$number]->id ?? 0) === $row->scene_id ? $scene->shots : [] as $shot) {
                if ($shot->word === $row->word) {
                    return ShotControls::of($row, $shot, $above, $short->batch->channel_id);
                }
            }
        }

        return [];
    }

    /** @return array<string, int|string> */
    private static function style(SettingValues $here): array
    {
        $style = CaptionSettings::style($here);

        return $style instanceof CaptionStyle ? $style->toArray() : [];
    }

    /**
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param  Builder<T>  $query
     * @return Builder<T>
     */
    private static function owned(Builder $query, User $user, string $channel): Builder
    {
        return $query->whereHas($channel, static fn (Builder $channels) => Access::within($channels, $user->id));
    }
}
