<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Media\Process\ToolFailed;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\TargetLength;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Text\Script\LengthTrimmer;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\TrimPlan;

/** What to leave out of a short that is too long for its target. */
final readonly class LengthDesk
{
    public function __construct(
        private CutMaker $cuts,
        private SceneTasks $tasks,
        private LengthTrimmer $trimmer,
    ) {
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    public function plan(Short $short, int $most = PHP_INT_MAX): TrimPlan
    {
        return $this->planFor($this->tasks->of($short), $most);
    }

    /**
     * @param  non-empty-list<SceneTask>  $tasks
     *
     * @throws Refusal
     */
    public function planFor(array $tasks, int $most = PHP_INT_MAX): TrimPlan
    {
        /** @var array<int, VoicedScene> $whole */
        $whole = $this->cuts->voiced($tasks);
        $pacer = $tasks[0]->pacer();
        $measure = function (array $left) use ($tasks, $whole, $pacer): int {
            $voiced = array_map(
                fn (Scene $scene, int $number): VoicedScene => $scene->text === $tasks[$number]->scene->text
                    ? $whole[$number]
                    : $this->cuts->voiced([$tasks[$number]->saying($scene)])[0],
                $left,
                array_keys($left),
            );

            return $voiced === [] ? 0 : $pacer->lengthOf(array_values($voiced));
        };

        return $this->trimmer->plan(
            array_map(static fn (SceneTask $task): Scene => $task->scene, $tasks),
            ($tasks[0]->short->targets->limits()->length->longestMs ?? TargetLength::MOST_MS)
                - $tasks[0]->short->aroundMs(),
            $measure,
            $most,
            $tasks[0]->voice->language,
        );
    }
}
