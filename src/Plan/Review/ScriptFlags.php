<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review;

use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Text\Hook\HookFinding;
use RapidReel\Text\Hook\HookReview;
use RapidReel\Text\Script\Scene;

/** What of the words of a short should be put right, before anything is voiced. */
final class ScriptFlags
{
    private const HOOK = [
        'filler' => FlagCode::HookFiller,
        'pronoun' => FlagCode::HookPronoun,
        'abstract' => FlagCode::HookAbstract,
    ];

    /**
     * @param  non-empty-list<Scene>  $scenes
     * @return list<Flag>
     */
    public static function of(array $scenes, string $channel = ''): array
    {
        // Whether the hook is late is told from its real time, with the cut.
        $findings = array_filter(
            HookReview::of($scenes[0]->text, 0, 1, $channel),
            static fn (HookFinding $finding): bool => isset(self::HOOK[$finding->code]),
        );
        $flags = array_values(
            array_map(
                static fn (HookFinding $finding): Flag => new Flag(
                    self::HOOK[$finding->code],
                    'Hook: '.lcfirst($finding->message),
                ),
                $findings,
            ),
        );
        $crowded = self::crowded($scenes);
        if ($crowded !== []) {
            $flags[] = new Flag(
                FlagCode::SceneCrowded,
                count($crowded) === 1
                    ? sprintf(
                        'Scene %d holds %d sentences; one a scene keeps the pace.',
                        array_key_first($crowded) + 1,
                        $crowded[array_key_first($crowded)],
                    )
                    : sprintf('%d scenes hold several sentences; one a scene keeps the pace.', count($crowded)),
            );
        }

        return $flags;
    }

    /**
     * @param  list<Scene>  $scenes
     * @return array<int, int> how many sentences, by the number of each scene that holds several
     */
    public static function crowded(array $scenes): array
    {
        $counts = array_map(static fn (Scene $scene): int => count($scene->sentences()), $scenes);

        return array_filter($counts, static fn (int $count): bool => $count > 1);
    }
}
