<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Ground\Work\HandedBack;
use App\Makers\Voicing\TakeStore;
use App\Media\Audio\TakeFiles;
use App\Media\Process\ToolFailed;
use App\Media\Store\Findings;
use App\Media\Store\StrangePlace;
use RapidReel\Base\Language\TextRank;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Plan\Cut\ScenePacer;
use RapidReel\Plan\Pace\OwnPace;
use RapidReel\Plan\Pace\PacedScene;
use RapidReel\Plan\Pace\PacePlan;
use RapidReel\Plan\Pace\PaceValues;
use RapidReel\Plan\Pace\Tightener;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\PaceSettings;
use RapidReel\Plan\Settings\SettingsReader;
use RapidReel\Plan\Settings\SettingValues;
use RapidReel\Text\Script\Leaning;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Voice\Speech\DeadAir;
use RapidReel\Voice\Speech\Pause;
use RapidReel\Voice\Speech\Take;

/** How shorts get to a length. */
final readonly class PaceDesk
{
    public const LEAST_MS = 1_000;

    public const MOST_MS = 600_000;

    public function __construct(
        private TakeStore $takes,
        private TakeFiles $files,
        private CutMaker $cuts,
        private Findings $findings,
    ) {
    }

    /**
     * @param  non-empty-list<SceneTask>  $tasks
     * @param  bool  $isLonger  whether it is stretched
     * @param  bool  $speaks  whether what was never spoken is now
     *
     * @throws Refusal when that is no length
     * @throws HandedBack
     * @throws ToolFailed
     */
    public function plan(array $tasks, int $targetMs, bool $isLonger = false, bool $speaks = false): PacePlan
    {
        if ($targetMs < self::LEAST_MS || $targetMs > self::MOST_MS) {
            throw new Refusal('A short can be brought to a length from 1 to 600 seconds.');
        }
        $levels = $tasks[0]->levels->without(Level::Scene);
        [$speech, $gapMs] = [SettingsReader::speech($levels), self::gapMs($levels)];
        // What stands before and after it is counted, and stays.
        $short = SettingsReader::short($levels);
        $around = $short->aroundMs();
        $tightener = new Tightener(
            $this->scenes($tasks, $speaks),
            new PaceValues(
                $speech->deadAirMs,
                $gapMs,
                $speech->tempo,
                $levels->number('tail'),
            ),
            PaceSettings::limits($levels),
            $short->targets->main->picture->fps,
            Leaning::of(
                array_map(static fn (SceneTask $task): string => $task->scene->text, $tasks),
                $tasks[0]->voice->language,
            ),
        );

        $bodyMs = max(self::LEAST_MS, $targetMs - $around);

        return ($isLonger ? $tightener->stretch($bodyMs) : $tightener->tighten($bodyMs))
            ->speaking(array_map(static fn (SceneTask $task): int => $task->scene->words(), $tasks))
            ->around($around);
    }

    /**
     * What a short sets to be as a plan has it: what stays as it was is left as it is set.
     *
     * @throws Refusal
     */
    public static function settings(PacePlan $plan, SettingValues $levels, Values $own): Values
    {
        $speech = SettingsReader::speech($levels);
        $before = [
            'dead_air' => $speech->deadAirMs,
            'pause' => self::gapMs($levels),
            'tempo' => $speech->tempo,
            'tail' => $levels->number('tail'),
        ];
        $after = [
            'dead_air' => $plan->values->deadAirMs,
            'pause' => $plan->values->gapMs,
            'tempo' => $plan->values->tempo,
            'tail' => $plan->values->tailMs,
        ];
        foreach ($after as $key => $value) {
            $own = $value === null || $value === $before[$key] ? $own : $own->with($key, $value);
        }

        return $own;
    }

    /**
     * @param  non-empty-list<SceneTask>  $tasks
     *
     * @throws StrangePlace
     * @throws Refusal
     * @throws HandedBack
     * @throws ToolFailed
     */
    public function isVoiced(array $tasks): bool
    {
        foreach ($tasks as $task) {
            if ($this->raw($task, false) === null) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  non-empty-list<SceneTask>  $tasks
     * @return non-empty-list<PacedScene>
     *
     * @throws Refusal
     * @throws HandedBack
     * @throws ToolFailed
     */
    private function scenes(array $tasks, bool $speaks): array
    {
        $scores = TextRank::scores(
            array_map(static fn (SceneTask $task): string => $task->scene->text, $tasks),
            $tasks[0]->voice->language,
        );
        $highest = max([...$scores, 1e-9]);
        $last = count($tasks) - 1;

        return array_map(function (SceneTask $task, int $number) use ($scores, $highest, $last, $speaks): PacedScene {
            $isOwn = static fn (string $key): bool => $task->levels->from($key) === Level::Scene;
            $speech = $task->settings->speech;
            $raw = $this->raw($task, $speaks);
            $heard = $raw === null ? null : $this->heard($raw);
            $stays = $number === 0 || $number === $last || $task->scene->role === SceneRole::Close;

            return new PacedScene(
                $heard === null ? $this->estimatedMs($task) : $heard['samples'],
                $heard === null ? 1_000 : $heard['rate'],
                $heard === null ? [] : array_values(array_filter(
                    array_map(static fn (array $pause): Pause => new Pause(...$pause), $heard['pauses']),
                    static fn (Pause $pause): bool => ! in_array($pause->afterWord, $task->delivery->keptPauses, true),
                )),
                $scores[$number] / $highest,
                ! $stays,
                $task->levels->text('need') === PaceSettings::OPTIONAL,
                $task->scene->carriesOn(),
                new OwnPace(
                    $isOwn('dead_air') ? $speech->deadAirMs : false,
                    $isOwn('pause') ? self::gapMs($task->levels) : false,
                    $isOwn('tempo') ? $speech->tempo : false,
                ),
            );
        }, $tasks, array_keys($tasks));
    }

    /**
     * What is heard of a take. Listening takes a while, and a take hardly changes under its name: only where its file
     * was lost, and an engine of another version spoke it anew.
     *
     * @return array{samples: int, rate: int, pauses: list<array{int, int, int}>}
     *
     * @throws StrangePlace
     */
    private function heard(Take $raw): array
    {
        $file = $this->files->soundFile($raw->key);
        $key = hash('xxh128', sprintf('take-%s-%d-%d', $raw->key, (int) @filesize($file), (int) @filemtime($file)));

        return $this->findings->of(Findings::HEARD, $key, function () use ($raw): array {
            $sound = $this->files->sound($raw->key);

            return [
                'samples' => $sound->samples(),
                'rate' => $sound->rate,
                'pauses' => array_map(
                    static fn (Pause $pause): array => [$pause->afterWord, $pause->startMs, $pause->endMs],
                    DeadAir::pauses($sound, $raw->words, DeadAir::LEAST_CUT_MS),
                ),
            ];
        });
    }

    /**
     * @throws StrangePlace
     * @throws Refusal
     * @throws HandedBack
     * @throws ToolFailed
     */
    private function raw(SceneTask $task, bool $speaks): ?Take
    {
        return $task->reading ?? ($speaks
            ? $this->takes->raw($task->scene->text, $task->voice, $task->delivery)
            : $this->takes->knownRaw($task->scene->text, $task->voice, $task->delivery));
    }

    /**
     * Silence between scenes where none has its own.
     *
     * @throws Refusal
     */
    private static function gapMs(SettingValues $levels): int
    {
        return $levels->numberOrNull('pause') ?? ScenePacer::GAP_MS;
    }

    /**
     * As spoken, before any change of tempo.
     *
     * @throws StrangePlace
     */
    private function estimatedMs(SceneTask $task): int
    {
        return $this->cuts->estimated($task)->durationMs;
    }
}
