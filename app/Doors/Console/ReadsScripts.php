<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Intake\PlannedScript;
use App\Desks\Intake\ScriptChoices;
use App\Desks\Intake\ScriptFiles;
use App\Makers\Planning\LengthDesk;
use App\Makers\Planning\PaceDesk;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;
use RapidReel\Base\Seconds;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\Targets;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Registry;
use RapidReel\Plan\Settings\Type\TargetsType;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Text\Script\Scene;

/**
 * What commands over scripts share beside what all commands do (`Answers`).
 *
 * @mixin Command
 */
trait ReadsScripts
{
    use NamesChannel;

    /** How many scripts could not be brought to the length that was asked for. */
    private int $missed = 0;

    /** Settings that have an option of their own. */
    private const NAMED = ['voice', 'profile', 'split', 'cadence'];

    /** @return list<ScriptSource> */
    private function scripts(ScriptFiles $files): array
    {
        return $files->fromPath(self::written($this->argument('scripts')), $this->tell(...));
    }

    /**
     * What the options set: the old ones by their names, and any setting by --set.
     *
     * @throws Refusal
     */
    private function choices(Registry $registry): ScriptChoices
    {
        $written = [];
        foreach ([...self::NAMED, ...(array) $this->option('set')] as $one) {
            [$key, $value] = array_pad(explode('=', self::written($one), 2), 2, null);
            if ($value === null && in_array($key, self::NAMED, true)) {
                $value = $this->option($key);
                $written += is_string($value) ? [$key => $value] : [];
            } elseif ($value === null) {
                throw new Refusal("Write a setting as --set key=value; “{$one}” has no value.");
            } else {
                $written[trim((string) $key)] = $value;
            }
        }
        $channel = $this->channel();
        $house = $this->withTargets($channel->settings ?? new Values);
        $registry = $registry->offering(new Targets(TargetsType::in($house)));

        return new ScriptChoices(
            $registry,
            $registry->read($written, Level::Batch),
            $house,
            $channel->name ?? '',
            $channel?->pronunciations() ?? [],
        );
    }

    /**
     * A house style with the targets of a file.
     *
     * @throws Refusal when that holds none
     */
    private function withTargets(Values $house): Values
    {
        $file = self::written($this->option('targets'));
        if ($file === '') {
            return $house;
        }
        if (! is_file($file)) {
            throw new Refusal("There is no file $file.");
        }
        $type = new TargetsType;
        $all = [
            ...TargetsType::in($house),
            ...TargetsType::all($type->read((string) file_get_contents($file, length: 1_000_000))),
        ];

        return $house->with('own_targets', $type->read(json_encode(
            array_map(static fn (Target $one): array => $one->toArray(), $all), JSON_THROW_ON_ERROR,
        )));
    }

    /**
     * Shortened to its target, tightened and stretched where that was asked for.
     *
     * @param  bool  $speaks  whether what was never spoken is now: only then are lengths exact
     */
    private function fitted(PlannedScript $planned, int $number, bool $speaks): PlannedScript
    {
        if ($this->option('fit')) {
            $plan = app(LengthDesk::class)->planFor($planned->tasks());
            $this->tellGone($number, array_column($plan->steps, 'sentence'));
            $planned = $planned->saying($plan->left());
        }
        foreach (['tighten' => false, 'stretch' => true] as $option => $isLonger) {
            $written = $this->option($option);
            if (is_string($written) && $written !== '') {
                $tasks = $planned->tasks();
                $plan = app(PaceDesk::class)->plan($tasks, Seconds::milliseconds($written), $isLonger, $speaks);
                $this->tell("Script $number: {$plan->says()}");
                $this->missed += $plan->reaches() ? 0 : 1;
                $this->tellGone($number, array_values(array_map(
                    static fn (Scene $scene): string => $scene->text,
                    array_diff_key($planned->scenes, $plan->left($planned->scenes)),
                )));
                $left = array_values($plan->left($planned->scenes));
                $planned = ($left === [] ? $planned : $planned->saying($left))
                    ->with(PaceDesk::settings($plan, $tasks[0]->levels, $planned->along->own));
            }
        }

        return $planned;
    }

    /** @param  list<string>  $gone  what is no longer said */
    private function tellGone(int $script, array $gone): void
    {
        foreach ($gone as $sentence) {
            $this->tell("Script $script: left out: “{$sentence}”");
        }
    }

    /** @param  list<string>  $warnings */
    private function warnOf(int $script, array $warnings): void
    {
        foreach ($warnings as $warning) {
            $this->tell("Script $script: $warning");
        }
    }
}
