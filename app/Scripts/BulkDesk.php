<?php

declare(strict_types=1);

namespace App\Scripts;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceRates;
use App\Models\Batch;
use App\Models\Pick;
use App\Models\Short;
use App\Shorts\ExportDesk;
use App\Shorts\ProblemForOperator;
use App\Shorts\SceneDrafts;
use RapidReel\Publish\TargetProfile;
use RapidReel\Script\Scene;
use RapidReel\Script\SceneSplitter;
use RapidReel\Script\SplitRule;
use RapidReel\Script\UnusableScript;

/** Acts on several shorts of a batch at once; each act is one change that can be undone. */
final readonly class BulkDesk
{
    public function __construct(
        private EditBook $edits,
        private ShortWriter $writer,
        private LengthDesk $lengths,
        private SceneSplitter $splitter,
        private VoiceBook $voices,
        private VoiceRates $rates,
        private SceneDrafts $drafts,
        private ExportDesk $exports,
    ) {
    }

    /** @param  list<Short>  $shorts */
    public function voice(Batch $batch, array $shorts, string $voice): string
    {
        $name = $this->voices->get($voice)->name;

        return $this->each($batch, $shorts, "voice $name", static function (Short $short) use ($voice): bool {
            $changes = $short->voice !== $voice;
            $short->voice = $voice;

            return $changes;
        });
    }

    /**
     * @param  list<Short>  $shorts
     * @param  string  $field  "speed" in percent, "pause_ms" or "dead_air_ms"
     */
    public function pace(Batch $batch, array $shorts, string $field, ?int $value): string
    {
        $what = match ($field) {
            'speed' => "speed $value %",
            'pause_ms' => $value === null ? 'usual pause between scenes' : "pause of $value ms between scenes",
            default => $value === null ? 'dead air left' : "dead air cut to $value ms",
        };

        return $this->each($batch, $shorts, $what, static function (Short $short) use ($field, $value): bool {
            $changes = $short->getAttribute($field) !== $value;
            $short->setAttribute($field, $value);

            return $changes;
        });
    }

    /** @param  list<Short>  $shorts */
    public function profile(Batch $batch, array $shorts, TargetProfile $profile): string
    {
        return $this->each($batch, $shorts, "target {$profile->label()}", static function (Short $short) use ($profile): bool {
            $changes = $short->profile !== $profile;
            $short->profile = $profile;

            return $changes;
        });
    }

    /** @param  list<Short>  $shorts */
    public function split(Batch $batch, array $shorts, SplitRule $rule): string
    {
        return $this->each($batch, $shorts, 'scenes: '.$rule->label(), function (Short $short) use ($rule): bool {
            $now = $short->manuscript();
            try {
                $scenes = $this->splitter->splitText($now->spoken(), $rule, $this->rates->of($this->drafts->voice($short)));
            } catch (UnusableScript $problem) {
                throw new ProblemForOperator(sprintf('%02d “%s”: %s', $short->number, $short->title, $problem->getMessage()));
            }
            $short->split = $rule;
            if ($scenes === [] || self::texts($scenes) === self::texts($now->scenes)) {
                return $short->isDirty('split');
            }
            $this->writer->write($short, $now->resplit($scenes));

            return false;
        });
    }

    /**
     * @param  list<Short>  $shorts
     * @param  int|null  $sentences  so many of those that could go; null for as many as it takes
     */
    public function trim(Batch $batch, array $shorts, ?int $sentences = null): string
    {
        $stillOver = [];
        $done = $this->each($batch, $shorts, 'trimmed to length', function (Short $short) use (&$stillOver, $sentences): bool {
            $now = $short->manuscript();
            $plan = $this->lengths->plan($short, $sentences ?? PHP_INT_MAX);
            if (! $plan->fits && $sentences === null) {
                $stillOver[] = sprintf('%02d', $short->number);
            }
            if ($plan->steps !== []) {
                $this->writer->write($short, $now->become($plan->scenes));
            }

            return false;
        });

        return $done.($stillOver === [] ? '' : ' Still too long: '.implode(', ', $stillOver).', whose hook and close alone go over the limit.');
    }

    /** @param  list<Short>  $shorts */
    public function match(Batch $batch, array $shorts): string
    {
        return $this->each($batch, $shorts, 'matched pictures anew', static function (Short $short): bool {
            Pick::query()->where('pinned', false)->whereIn('scene_id', $short->scenes->modelKeys())->delete();

            return true;
        });
    }

    /** @param  list<Short>  $shorts */
    public function copy(Batch $batch, array $shorts): string
    {
        if ($batch->shorts()->count() + count($shorts) > (int) config('reel.most_scripts')) {
            throw new ProblemForOperator(sprintf('A batch takes at most %d shorts.', (int) config('reel.most_scripts')));
        }
        $this->edits->record($batch, 'copied', [], fn (): array => array_map(fn (Short $short): Short => $this->writer->copy($short, $short->manuscript()), $shorts));

        return self::count(count($shorts), 'copied');
    }

    /** @param  list<Short>  $shorts */
    public function delete(Batch $batch, array $shorts): string
    {
        foreach ($shorts as $short) {
            foreach ($short->exports as $export) {
                $this->exports->cancel($export);
            }
        }
        $this->edits->record($batch, 'deleted', $shorts, static function () use ($shorts): array {
            foreach ($shorts as $short) {
                $short->delete();
            }

            return [];
        });

        return self::count(count($shorts), 'deleted');
    }

    /**
     * @param  list<Short>  $shorts
     * @param  callable(Short): bool  $change  whether the short must be settled still
     */
    private function each(Batch $batch, array $shorts, string $what, callable $change): string
    {
        $before = array_map(static fn (Short $short): int => $short->revision, $shorts);
        $this->edits->record($batch, $what, $shorts, function () use ($batch, $shorts, $change): array {
            $this->writer->settle($batch, array_values(array_filter($shorts, $change)));

            return [];
        });
        $changed = count(array_filter($shorts, static fn (Short $short, int $i): bool => $short->revision !== $before[$i], ARRAY_FILTER_USE_BOTH));

        return self::count($changed, $what);
    }

    private static function count(int $number, string $what): string
    {
        return match ($number) {
            0 => "Nothing to change: $what.",
            1 => "1 short: $what.",
            default => "$number shorts: $what.",
        };
    }

    /**
     * @param  list<Scene>  $scenes
     * @return list<string>
     */
    private static function texts(array $scenes): array
    {
        return array_map(static fn (Scene $scene): string => $scene->text, $scenes);
    }
}
