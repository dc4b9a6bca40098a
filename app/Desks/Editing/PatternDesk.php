<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Shelves\Levels\Registrar;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Pattern;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;

/** Patterns: what a short has set otherwise than its house style, kept under a name and given to others. */
final readonly class PatternDesk
{
    private const MOST = 60;

    public function __construct(
        private SettingsDesk $settings,
        private Resolver $resolver,
        private Registrar $registrar,
    ) {
    }

    /** @return list<Pattern> of a channel, by name */
    public static function of(Channel $channel): array
    {
        return array_values(Pattern::query()->where('channel_id', $channel->id)->get()->sortBy('name')->all());
    }

    /**
     * Keeps what holds for a short and does not come from the house style; a pattern of that name is replaced.
     *
     * @throws Refusal when there is nothing to keep, or no name
     */
    public function keep(Short $short, string $name): Pattern
    {
        $name = trim((string) preg_replace('/\s+/u', ' ', mb_scrub($name)));
        if ($name === '' || mb_strlen($name) > 60) {
            throw new Refusal('A pattern needs a name of at most 60 letters.');
        }
        $channel = $short->batch->channel;
        $settled = $this->resolver->short($short);
        $own = new Values;
        foreach ($settled->registry->at(Level::Short) as $key => $setting) {
            if (in_array($settled->from($key), [Level::Short, Level::Batch], true)) {
                $own = $own->with($key, $settled->value($key));
            }
        }
        if ($own->own === []) {
            throw new Refusal('This short has nothing set otherwise than its house style: there is nothing to keep.');
        }
        if (Pattern::query()->where('channel_id', $channel->id)->where('name', '!=', $name)->count() >= self::MOST) {
            throw new Refusal(sprintf('A channel keeps %d patterns at most. Drop one first.', self::MOST));
        }

        return $channel->its(Pattern::class)->updateOrCreate(['name' => $name], ['settings' => $own]);
    }

    /**
     * Gives a pattern to shorts, as one change.
     *
     * @param  list<Short>  $shorts
     *
     * @throws Refusal
     */
    public function give(Batch $batch, array $shorts, Pattern $pattern): string
    {
        $what = "applied the pattern “{$pattern->name}”";
        $changed = $this->settings->give($batch, $shorts, $this->values($pattern), $what);

        return Done::to($changed, $what);
    }

    /** What of a pattern can still be set: a voice or a face may have gone since. */
    public function values(Pattern $pattern): Values
    {
        $registry = $this->registrar->of($pattern->channel);
        $values = new Values;
        foreach ($pattern->settings->own as $key => $value) {
            try {
                $values = $values->with($key, $registry->get($key)->type->read((string) $value));
            } catch (Refusal) {
                continue;
            }
        }

        return $values;
    }
}
