<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Language\UnspacedWords;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\ShotNeed;
use RapidReel\Text\Script\Scene;

/** What a short is likely to show, before it is paced: a picture for every few words. */
final class LikelyNeeds
{
    /** Words a shot, about: what is said in two or three seconds. */
    private const WORDS = 6;

    private const MS = 2_500;

    /**
     * @param  list<Scene>  $scenes
     * @param  array<array-key, Footage>  $footage  at hand, by id
     * @return list<ShotNeed>
     */
    public static function of(array $scenes, array $footage = []): array
    {
        $needs = [];
        foreach ($scenes as $scene) {
            $words = array_map(static fn (ScriptWord $one): string => $one->text, ScriptWord::of($scene->text));
            foreach (array_chunk($words, self::WORDS, true) as $part) {
                $chosen = null;
                foreach ($scene->own->shots as $shot) {
                    $isChosen = $shot->isLocked && isset($part[$shot->word]);
                    $chosen = $isChosen ? $footage[$shot->footage ?? ''] ?? $chosen : $chosen;
                }
                $needs[] = new ShotNeed(
                    UnspacedWords::joined(array_values($part)), $scene->text, self::MS, $chosen, $scene->brief,
                );
            }
        }

        return $needs;
    }
}
