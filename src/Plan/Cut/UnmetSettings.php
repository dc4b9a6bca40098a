<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Plan\Pace\CadenceKind;

/** What is set for a short and cannot be seen or heard in it, because something else that is set stands against it. */
final class UnmetSettings
{
    /**
     * @param  list<VoicedScene>  $voiced
     * @param  list<CutScene>  $scenes
     * @return list<Flag>
     */
    public static function of(array $voiced, array $scenes): array
    {
        return array_map(
            static fn (string $said): Flag => new Flag(FlagCode::NotAsSet, $said),
            [...self::sounds($voiced, $scenes), ...self::cadences($voiced), ...self::seconds($voiced)],
        );
    }

    /**
     * @param  list<VoicedScene>  $voiced
     * @param  list<CutScene>  $scenes
     * @return list<string>
     */
    private static function sounds(array $voiced, array $scenes): array
    {
        $shots = $silent = 0;
        foreach ($scenes as $number => $scene) {
            if (($voiced[$number]->settings->shots->sounds->change ?? '') === '') {
                continue;
            }
            foreach ($scene->shots as $shot) {
                $shots += $shot->startMs > 0 ? 1 : 0;
                $silent += $shot->startMs > 0 && $shot->view->transition === null ? 1 : 0;
            }
        }

        return $shots === 0 || $silent < $shots ? [] : [
            'A sound is set for transitions, and there are none: every picture changes by a plain cut. Choose a '
                .'transition, or put sounds at pictures on the sheet.',
        ];
    }

    /**
     * @param  list<VoicedScene>  $voiced
     * @return list<string>
     */
    private static function cadences(array $voiced): array
    {
        $unmet = [];
        foreach ($voiced as $number => $one) {
            $pace = $one->settings->pace;
            if ($pace->cadence->kind === CadenceKind::Seconds
                && 1_000 * $pace->cadence->seconds < $pace->shortestMs) {
                $unmet[sprintf(
                    'every %s s, and no shot is to be shorter than %s s: make the shortest shot shorter.',
                    (float) $pace->cadence->seconds,
                    $pace->shortestMs / 1_000,
                )][] = $number;
            }
        }
        $said = [];
        foreach ($unmet as $why => $scenes) {
            $said[] = 'Pictures are to change'.self::where($scenes, count($voiced))." $why";
        }

        return $said;
    }

    /**
     * @param  list<VoicedScene>  $voiced
     * @return list<string>
     */
    private static function seconds(array $voiced): array
    {
        $missing = [];
        foreach ($voiced as $number => $one) {
            $second = $one->settings->second;
            if ($second !== null && trim($second->text) === '') {
                $missing[LanguageFinder::name($second->language)][] = $number;
            }
        }
        $said = [];
        foreach ($missing as $language => $scenes) {
            $said[] = count($scenes) === count($voiced)
                ? "Second captions in $language are set, and there is no version in $language. Make one."
                : "Second captions in $language are missing".self::where($scenes, count($voiced))
                    .": no version in $language says it.";
        }

        return $said;
    }

    /** @param  list<int>  $scenes  numbers of some of so many */
    private static function where(array $scenes, int $of): string
    {
        return match (count($scenes)) {
            $of => '',
            1 => $scenes[0] === 0 ? ' in the hook' : ' in one scene',
            default => ' in '.count($scenes).' scenes',
        };
    }
}
