<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Gateways\Voices\VoiceBook;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Review\LanguageFlags;
use RapidReel\Plan\Review\ScriptFlags;
use RapidReel\Text\Script\Scene;
use RapidReel\Voice\Speech\Voice;

/** What can be told of scenes and who reads them before anything is made. */
final readonly class TaskFlags
{
    public function __construct(private VoiceBook $voices)
    {
    }

    /**
     * @param  non-empty-list<SceneTask>  $tasks
     * @return list<Flag>
     */
    public function of(array $tasks, string $channel): array
    {
        $read = array_values(array_filter($tasks, static fn (SceneTask $task): bool => $task->reading === null));

        return [
            ...ScriptFlags::of(array_map(static fn (SceneTask $task): Scene => $task->scene, $tasks), $channel),
            ...LanguageFlags::of(
                array_map(static fn (SceneTask $task): array => [
                    $task->scene->text, $task->voice->name, $task->voice->primaryLanguage(),
                ], $read),
                array_map(static fn (Voice $voice): string => $voice->primaryLanguage(), $this->voices->all()),
            ),
        ];
    }
}
