<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Media\Process\ToolFailed;
use App\Shelves\Models\Short;
use RapidReel\Base\Plain;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Framing\Interest\InterestMap;
use RapidReel\Plan\Choice\MusicChoice;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Review\ScriptFlags;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\ShotMark;
use RapidReel\Voice\Speech\SpokenText;

/**
 * A hash of all that the plan of a short depends on: it is fresh while it was made from the same. What is set goes in
 * as the values that the plan is made with, so that no setting can be forgotten here. So do the pictures that are held
 * for words: those that were found once stay until they are to be matched anew.
 */
final readonly class Inputs
{
    /** Raised whenever the same inputs are planned otherwise than before. */
    private const VERSION = 9;

    public function __construct(private SceneTasks $tasks)
    {
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    public function of(Short $short): string
    {
        $tasks = $this->tasks->of($short);
        $scenes = array_map(static fn (SceneTask $task): Scene => $task->scene, $tasks);

        return Plain::hash(
            self::VERSION,
            InterestMap::VERSION,
            $short->title,
            $short->subject(),
            $short->shown_before,
            // Of the channel's name only what it does to the flags.
            array_map(
                static fn (Flag $flag): string => $flag->message,
                ScriptFlags::of($scenes, $short->batch->channel->name),
            ),
            $tasks[0]->short,
            $tasks[0]->short->music->piece === MusicChoice::AUTOMATIC ? $short->number : null,
            array_map(self::scene(...), $tasks),
        );
    }

    /** @return list<mixed> */
    private static function scene(SceneTask $task): array
    {
        $scene = $task->scene;
        $shots = [];
        foreach ($scene->own->shots as $i => $mark) {
            $shots[] = $mark->isLocked ? self::shot($mark, $task, $i) : [$mark->word, $mark->footage];
        }

        return [
            $scene->role,
            $scene->text,
            $scene->brief,
            $task->reading->key ?? [
                $task->voice->fingerprint(),
                SpokenText::of($scene->text, $task->delivery->pronunciations)->said,
            ],
            $task->delivery->keptPauses,
            $task->settings,
            $scene->own->captions,
            $shots,
        ];
    }

    /** @return list<mixed> */
    private static function shot(ShotMark $mark, SceneTask $task, int $number): array
    {
        return [
            $mark->word,
            $mark->footage,
            $mark->hold->offset,
            $mark->inMs,
            $mark->pins,
            $mark->hold->span,
            $task->chosen[$number]->settings ?? null,
        ];
    }
}
