<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Shelves\Models\Short;
use RapidReel\Pictures\Framing\Interest\InterestMap;
use RapidReel\Pictures\Framing\Path\Pin;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Review\ScriptFlags;
use RapidReel\Plan\Settings\CardSettings;
use RapidReel\Plan\Settings\EdgeSettings;
use RapidReel\Plan\Settings\KeySettings;
use RapidReel\Plan\Settings\LogoSettings;
use RapidReel\Plan\Settings\LookSettings;
use RapidReel\Plan\Settings\Registry;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\ShotMark;
use RapidReel\Voice\Speech\SpokenText;

/** A hash of all that the plan of a short depends on: it is fresh while it was made from the same. */
final readonly class Inputs
{
    /** Raised whenever the same inputs are planned otherwise than before. */
    private const VERSION = 6;

    public function __construct(private SceneTasks $tasks)
    {
    }

    public function of(Short $short): string
    {
        $tasks = $this->tasks->of($short);
        $settled = $tasks[0]->settled;
        $scenes = array_map(static fn (SceneTask $task): Scene => $task->scene, $tasks);

        return hash(
            'sha256',
            json_encode(
                [
                    self::VERSION,
                    InterestMap::VERSION,
                    $short->title,
                    // Of the channel's name only what it does to the flags.
                    array_map(
                        static fn (Flag $flag): string => $flag->message,
                        ScriptFlags::of($scenes, $short->batch->channel->name),
                    ),
                    array_map($settled->value(...), [
                        'profile', 'shape', 'tail', 'loop', 'music', 'mood', 'music_level', 'music_lift',
                        'music_attack', 'music_release', 'music_line', ...LogoSettings::KEYS,
                        ...CardSettings::KEYS, ...EdgeSettings::KEYS,
                    ]),
                    $settled->music() === Registry::AUTOMATIC ? $short->number : null,
                    array_map(self::scene(...), $tasks),
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
    }

    /** @return list<mixed> */
    private static function scene(SceneTask $task): array
    {
        $scene = $task->scene;

        return [
            $scene->role->value,
            $scene->text,
            $scene->brief,
            $task->reading->key ?? [
                $task->voice->fingerprint(),
                SpokenText::of($scene->text, $task->delivery->pronunciations)->said,
            ],
            $task->delivery->deadAirMs,
            $task->delivery->spared,
            $task->delivery->tempo,
            array_map($task->settled->value(...), [
                'pause',
                'cadence',
                'hook_cadence',
                'transition',
                'transition_ms',
                'clip_fit',
                'longest_shot',
                'shortest_shot',
                'framing',
                'closeness',
                'ground_top',
                'ground_bottom',
                'motion',
                'motion_strength',
                'motion_easing',
                'dim',
                'shade',
                'match_colours',
                'clip_sound',
                'effect_change',
                'effect_emphasis',
                'effect_level',
                ...LookSettings::keys(),
                ...KeySettings::KEYS,
            ]),
            $task->settled->captions()?->toArray(),
            $scene->own->captions->toArray(),
            array_map(
                static fn (ShotMark $shot): array => [
                    $shot->word,
                    $shot->footage,
                    $shot->offset,
                    $shot->inMs,
                    $shot->own->own,
                    array_map(static fn (Pin $pin): array => $pin->toArray(), $shot->pins),
                    $shot->span,
                ],
                array_values(array_filter($scene->own->shots, static fn (ShotMark $shot): bool => $shot->isLocked)),
            ),
        ];
    }
}
