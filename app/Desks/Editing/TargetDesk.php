<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Channel;
use Illuminate\Support\Str;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\TargetForm;
use RapidReel\Base\Target\Targets;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Type\TargetsType;

/** Targets of a channel's own: they are a setting of the channel, kept and undone like every other. */
final readonly class TargetDesk
{
    public function __construct(
        private SettingsDesk $settings,
        private Registrar $registrar,
    ) {
    }

    /** @return array<string, Target> by id */
    public static function own(Channel $channel): array
    {
        return TargetsType::in($channel->settings);
    }

    public static function all(Channel $channel): Targets
    {
        return new Targets(self::own($channel));
    }

    /**
     * Keeps a target as it was typed.
     *
     * @param  string  $id  of the one that is changed; empty for a new one
     * @param  array<string, string>  $written  by field, see TargetForm
     *
     * @throws Refusal that says what is wrong
     */
    public function keep(Channel $channel, string $id, array $written): Target
    {
        $own = self::own($channel);
        if ($id !== '' && ! isset($own[$id])) {
            throw new Refusal('This target is no longer there. What ships is changed as a copy.');
        }
        $target = (new TargetForm($written))->target($id);
        foreach (self::all($channel)->all as $other) {
            if ($other->id !== $id && mb_strtolower($other->label) === mb_strtolower($target->label)) {
                throw new Refusal("There is a target “{$other->label}” already.");
            }
        }
        $target = $id === '' ? $target->named(self::fresh($target->label, $own), $target->label) : $target;
        $this->put($channel, [...$own, $target->id => $target]);

        return $target;
    }

    /** @throws Refusal when it is no longer there */
    public function drop(Channel $channel, string $id): Target
    {
        $own = self::own($channel);
        $target = $own[$id] ?? throw new Refusal('This target is no longer there.');
        unset($own[$id]);
        $this->put($channel, $own);

        return $target;
    }

    /** @param  array<string, Target>  $own */
    private static function fresh(string $label, array $own): string
    {
        $slug = Str::limit(Str::slug($label), 34, '');
        $base = 'own-'.($slug !== '' ? $slug : substr(hash('xxh32', $label), 0, 8));
        for ($id = $base, $number = 2; isset($own[$id]); $number++) {
            $id = "$base-$number";
        }

        return $id;
    }

    /**
     * @param  array<string, Target>  $own
     *
     * @throws Refusal
     */
    private function put(Channel $channel, array $own): void
    {
        $this->settings->set($channel, Level::Channel, [$channel->id], 'own_targets', json_encode(
            (object) array_map(static fn (Target $one): array => $one->toArray(), $own),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        ));
        $this->registrar->forget();
    }
}
