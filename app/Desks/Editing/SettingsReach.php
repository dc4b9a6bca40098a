<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use App\Shelves\Models\Shot;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Settings\Level;

/** What a setting is to hold for: found by numbers of one level, or of a narrower one, and only within a channel. */
final readonly class SettingsReach
{
    /**
     * Looks whether all that is named is there, where a value is to hold for the whole channel.
     *
     * @param  list<int>  $ids
     *
     * @throws Refusal
     */
    public function ask(Channel $channel, Level $level, array $ids): void
    {
        match ($level) {
            Level::Channel => array_diff($ids, [$channel->id]) === [] ? null : throw self::gone(),
            Level::Batch => $this->batches($channel, $level, $ids),
            Level::Short => $this->shorts($channel, $level, $ids),
            Level::Scene => $this->scenes($channel, $level, $ids),
            Level::Shot => $this->shots($channel, $ids),
        };
    }

    /**
     * @param  list<int>  $ids
     * @return non-empty-list<Batch>
     *
     * @throws Refusal
     */
    public function batches(Channel $channel, Level $level, array $ids): array
    {
        $batches =
            $level === Level::Batch
                ? $ids
                : array_map(static fn (Short $short): int => $short->batch_id, $this->shorts($channel, $level, $ids));

        return self::found(
            Batch::query()
                ->with('channel')
                ->where('channel_id', $channel->id),
            $batches,
        );
    }

    /**
     * @param  list<int>  $ids
     * @return non-empty-list<Short>
     *
     * @throws Refusal
     */
    public function shorts(Channel $channel, Level $level, array $ids): array
    {
        $shorts =
            $level === Level::Short
                ? $ids
                : array_map(static fn (Scene $scene): int => $scene->short_id, $this->scenes($channel, $level, $ids));

        return self::found(
            Short::query()
                ->with('batch.channel')
                ->whereRelation('batch', 'channel_id', $channel->id),
            $shorts,
        );
    }

    /**
     * @param  list<int>  $ids
     * @return non-empty-list<Scene>
     *
     * @throws Refusal
     */
    public function scenes(Channel $channel, Level $level, array $ids): array
    {
        $scenes =
            $level === Level::Scene
                ? $ids
                : array_map(static fn (Shot $shot): int => $shot->scene_id, $this->shots($channel, $ids));

        return self::found(
            Scene::query()
                ->with('short.batch.channel')
                ->whereRelation('short.batch', 'channel_id', $channel->id),
            $scenes,
        );
    }

    /**
     * @param  list<int>  $ids
     * @return non-empty-list<Shot>
     *
     * @throws Refusal
     */
    public function shots(Channel $channel, array $ids): array
    {
        return self::found(
            Shot::query()
                ->with('scene.short.batch.channel')
                ->whereRelation('scene.short.batch', 'channel_id', $channel->id),
            $ids,
        );
    }

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $among
     * @param  list<int>  $ids
     * @return non-empty-list<T>
     *
     * @throws Refusal
     */
    private static function found(Builder $among, array $ids): array
    {
        $wanted = array_unique($ids);
        $rows = array_values($among->whereKey($wanted)->get()->all());

        return $rows === [] || count($rows) !== count($wanted) ? throw self::gone() : $rows;
    }

    private static function gone(): Refusal
    {
        return new Refusal('Not all of what you want to set is there any more. Reload the page.');
    }

    /**
     * @param  list<Short>  $shorts
     * @return array<int, non-empty-list<Short>>
     */
    public static function byBatch(array $shorts): array
    {
        $batches = [];
        foreach ($shorts as $short) {
            $batches[$short->batch_id][] = $short;
        }

        return $batches;
    }

    /**
     * @param  list<Scene>  $scenes
     * @return array<int, non-empty-list<Scene>>
     */
    public static function byShort(array $scenes): array
    {
        $shorts = [];
        foreach ($scenes as $scene) {
            $shorts[$scene->short_id][] = $scene;
        }

        return $shorts;
    }
}
