<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceRates;
use App\Shelves\Levels\Registrar;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use App\Shelves\Models\Shot;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Setting;
use RapidReel\Plan\Settings\SettingsReader;
use RapidReel\Plan\Settings\SettingValues;
use RapidReel\Plan\Settings\Stale;
use RapidReel\Text\Script\SceneSplitter;
use RapidReel\Text\Script\UnusableScript;

/** The one way by which a setting is made, at whatever level and for however many at once. */
final readonly class SettingsDesk
{
    public function __construct(
        private SettingsReach $reach,
        private EditBook $edits,
        private ShortWriter $writer,
        private Registrar $registrar,
        private Resolver $resolver,
        private SceneSplitter $splitter,
        private VoiceBook $voices,
        private VoiceRates $rates,
    ) {
    }

    /**
     * Sets something, or takes it back so that it is inherited again.
     *
     * @param  Channel  $channel  whose all that is meant must be
     * @param  list<int>  $ids  of what is set, at that level
     * @param  string|null  $written  null to inherit it again
     * @param  Level|null  $whole  a wider level that it is to hold for as a whole: what is set within it goes
     * @return string what was done, in words
     *
     * @throws Refusal when there is no such setting, value or thing
     */
    public function set(
        Channel $channel,
        Level $level,
        array $ids,
        string $key,
        ?string $written,
        ?Level $whole = null,
    ): string {
        $setting = $this->registrar->of($channel)->get($key);
        $at = $whole ?? $level;
        if (! $setting->isAt($at)) {
            throw new Refusal(sprintf('“%s” cannot be set for a %s.', $setting->label, $at->value));
        }
        $value = $written === null ? null : $setting->type->read($written);
        $what = lcfirst($setting->label)
            .($value === null ? ' as inherited' : ' set to '.self::quoted($setting->type->says($value)));

        if ($at === Level::Channel) {
            $this->reach->ask($channel, $level, $ids);
        }

        return match ($at) {
            Level::Channel => $this->channel($channel, $setting, $value, $what, $whole !== null),
            Level::Batch => $this->batches(
                $this->reach->batches($channel, $level, $ids),
                $setting,
                $value,
                $what,
                $whole !== null,
            ),
            Level::Short => $this->shorts(
                $this->reach->shorts($channel, $level, $ids),
                $setting,
                $value,
                $what,
                $whole !== null,
            ),
            Level::Scene => $this->scenes(
                $this->reach->scenes($channel, $level, $ids),
                $setting,
                $value,
                $what,
                $whole !== null,
            ),
            Level::Shot => $this->shots($this->reach->shots($channel, $ids), $setting, $value, $what),
        };
    }

    /**
     * Sets many things for shorts of a batch, as one change.
     *
     * @param  list<Short>  $shorts
     * @param  Values  $values  as they are kept, by key
     * @return int how many were changed by it
     *
     * @throws Refusal
     */
    public function give(Batch $batch, array $shorts, Values $values, string $what): int
    {
        $registry = $this->registrar->of($batch->channel);

        return count($this->edits->change($batch, $what, $shorts, function (Short $short) use (
            $values,
            $registry,
        ): void {
            $before = $this->resolver->short($short);
            foreach ($values->own as $key => $value) {
                $short->settings = $short->settings->with($key, $value);
            }
            foreach (array_keys($values->own) as $key) {
                $this->resplit($short, $before, $registry->get($key));
            }
        }));
    }

    private static function quoted(string $says): string
    {
        return match (true) {
            $says === '' => 'nothing',
            // A text says itself in quotes.
            str_starts_with($says, '“') => $says,
            default => "“{$says}”",
        };
    }

    private function channel(
        Channel $channel,
        Setting $setting,
        int|string|float|null $value,
        string $what,
        bool $whole,
    ): string {
        $owners = [[$channel, self::put($channel->settings, $setting, $value)]];
        if ($whole) {
            foreach ($channel->batches as $batch) {
                $owners[] = [$batch, $batch->settings->without($setting->key)];
            }
        }
        $shorts = Short::query()->whereRelation('batch', 'channel_id', $channel->id);
        $fresh = self::exported($channel);
        $reached = $this->wide(
            "$what for the channel",
            $owners,
            $this->touched($shorts, $setting, $whole),
            $setting,
            $whole,
        );

        return "House style: $what.".self::follow($reached, $fresh - self::exported($channel));
    }

    /** @param  list<Batch>  $batches */
    private function batches(
        array $batches,
        Setting $setting,
        int|string|float|null $value,
        string $what,
        bool $whole,
    ): string {
        $reached = 0;
        foreach ($batches as $batch) {
            $shorts = $this->touched(Short::query()->where('batch_id', $batch->id), $setting, $whole);
            $reached += $this->wide(
                "$what for the batch",
                [[$batch, self::put($batch->settings, $setting, $value)]],
                $shorts,
                $setting,
                $whole,
            );
        }

        return "The batch: $what.".self::follow($reached);
    }

    /**
     * @param  list<Short>  $shorts
     *
     * @throws Refusal
     */
    private function shorts(
        array $shorts,
        Setting $setting,
        int|string|float|null $value,
        string $what,
        bool $whole,
    ): string {
        $changed = 0;
        foreach (SettingsReach::byBatch($shorts) as $some) {
            $changed += count(
                $this->edits->change($some[0]->batch, $what, $some, function (Short $short) use (
                    $setting,
                    $value,
                    $whole,
                ): void {
                    $before = $this->resolver->short($short);
                    if ($whole) {
                        $this->clear($short, $setting);
                    }
                    $short->settings = self::put($short->settings, $setting, $value);
                    $this->resplit($short, $before, $setting);
                }),
            );
        }

        return Done::to($changed, $what);
    }

    /**
     * @param  list<Scene>  $scenes
     *
     * @throws Refusal
     */
    private function scenes(
        array $scenes,
        Setting $setting,
        int|string|float|null $value,
        string $what,
        bool $whole,
    ): string {
        foreach (SettingsReach::byShort($scenes) as $some) {
            $short = $some[0]->short;
            $this->edits->change(
                $short->batch,
                count($some) === 1 ? "$what for a scene" : "$what for scenes",
                [$short],
                function (Short $short) use ($some, $setting, $value, $whole): void {
                    $now = $short->manuscript();
                    foreach ($some as $scene) {
                        $at = (int) array_search($scene->id, $now->keys, true);
                        $own = $now->scenes[$at]->own;
                        $own = $whole ? $own->inheriting($setting->key) : $own;
                        $now = $now->withOwn($at, $own->with(self::put($own->settings, $setting, $value)));
                    }
                    $this->writer->write($short, $now);
                },
            );
        }

        return ucfirst($what).'.';
    }

    /**
     * @param  list<Shot>  $shots
     *
     * @throws Refusal
     */
    private function shots(array $shots, Setting $setting, int|string|float|null $value, string $what): string
    {
        foreach ($shots as $shot) {
            $this->edits->change($shot->scene->short->batch, "$what for a shot", [$shot->scene->short], function (
                Short $short,
            ) use ($shot, $setting, $value): void {
                $now = $short->manuscript();
                $at = (int) array_search($shot->scene_id, $now->keys, true);
                $own = $now->scenes[$at]->own;
                $mark = $own->shotAt($shot->word);
                $set = $mark->with(self::put($mark->own, $setting, $value));
                $this->writer->write($short, $now->withOwn($at, $own->shot([$set, ...$own->shots])));
            });
        }

        return ucfirst($what).'.';
    }

    /**
     * @param  non-empty-list<array{Channel|Batch, Values}>  $owners
     * @param  list<Short>  $shorts
     */
    private function wide(string $what, array $owners, array $shorts, Setting $setting, bool $whole): int
    {
        $before = [];
        foreach ($shorts as $short) {
            $before[$short->id] = $this->resolver->short($short);
        }

        return $this->edits->settings($what, $owners, $shorts, function (Short $short) use (
            $before,
            $setting,
            $whole,
        ): void {
            if ($whole) {
                $this->clear($short, $setting);
            }
            $this->resplit($short, $before[$short->id], $setting);
        });
    }

    /**
     * The shorts that a change of a wider level changes themselves: those whose words are split by it, and those that
     * give up what they had of their own.
     *
     * @param  \Illuminate\Database\Eloquent\Builder<Short>  $of
     * @return list<Short>
     */
    private function touched(\Illuminate\Database\Eloquent\Builder $of, Setting $setting, bool $whole): array
    {
        if (! $whole && $setting->stale !== Stale::Words) {
            return [];
        }
        $shorts = $of->with(['batch.channel', 'scenes.shots'])->get()->all();

        return array_values(
            $setting->stale === Stale::Words
                ? $shorts
                : array_filter(
                    $shorts,
                    static fn (Short $short): bool => $short->settings->has($setting->key) ||
                        $short->scenes->contains(
                            static fn (Scene $scene): bool => $scene->settings->has($setting->key) ||
                                $scene->shots->contains(
                                    static fn (Shot $shot): bool => $shot->settings->has($setting->key),
                                ),
                        ),
                ),
        );
    }

    /**
     * What a short and all in it has of its own goes.
     *
     * @throws Refusal
     */
    private function clear(Short $short, Setting $setting): void
    {
        $short->settings = $short->settings->without($setting->key);
        $now = $short->manuscript();
        foreach ($now->scenes as $at => $scene) {
            $now = $now->withOwn($at, $scene->own->inheriting($setting->key));
        }
        $this->writer->write($short, $now);
        $short->load('scenes.shots');
    }

    /**
     * Another rule splits the words anew.
     *
     * @throws Refusal
     */
    private function resplit(Short $short, SettingValues $before, Setting $setting): void
    {
        if ($setting->stale !== Stale::Words) {
            return;
        }
        $after = $this->resolver->short($short->setRelation('batch', $short->batch->fresh('channel') ?? $short->batch));
        $split = SettingsReader::split($after);
        if ((string) $split === (string) SettingsReader::split($before)) {
            return;
        }
        $now = $short->manuscript();
        try {
            $rate = $this->rates->of($this->voices->saying(SettingsReader::speech($after)));
            $scenes = $this->splitter->splitText($now->spoken(), $split, $rate);
        } catch (UnusableScript $problem) {
            throw new Refusal(sprintf('%02d “%s”: %s', $short->number, $short->title, $problem->getMessage()));
        }
        if ($scenes !== [] && array_column($scenes, 'text') !== array_column($now->scenes, 'text')) {
            $this->writer->write($short, $now->resplit($scenes));
        }
    }

    private static function put(Values $values, Setting $setting, int|string|float|null $value): Values
    {
        return $value === null ? $values->without($setting->key) : $values->with($setting->key, $value);
    }

    /** How many shorts of a channel are exported as they are now. */
    private static function exported(Channel $channel): int
    {
        $query = Short::query()->whereRelation('batch', 'channel_id', $channel->id);
        // Of thousands it is found out when it is their turn.
        if (Settler::areMany($query)) {
            return 0;
        }
        $shorts = $query->has('latestDone')->with('latestDone')->get(Short::FRESHNESS)->all();

        return count(array_filter($shorts, static fn (Short $short): bool => $short->isExportFresh()));
    }

    /** @param  int  $exports  how many of them need a new one */
    private static function follow(int $shorts, int $exports = 0): string
    {
        $old = match (true) {
            $exports < 1 => '.',
            $exports === 1 => '; 1 needs a new export.',
            default => "; $exports need a new export.",
        };

        return match ($shorts) {
            0 => '',
            1 => " 1 short follows$old",
            default => " $shorts shorts follow$old",
        };
    }
}
