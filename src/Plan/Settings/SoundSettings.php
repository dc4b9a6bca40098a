<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Plan\Cut\CutMusic;
use RapidReel\Plan\Cut\Mood;
use RapidReel\Plan\Cut\SceneSounds;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\LineType;
use RapidReel\Plan\Settings\Type\NumberType;

/** The settings of sound beside the voice: music and its level, what clips sound like, effects. */
final class SoundSettings
{
    public const OFF = 'off';

    private const STEADY = 'steady';

    /** Those of a short on the pages of its sound. */
    public const MAIN = [
        'music', 'mood', 'music_level', 'music_lift', 'music_attack', 'music_release', 'clip_sound', 'effect_change',
        'effect_emphasis', 'effect_level',
    ];

    /**
     * @param  non-empty-list<Level>  $toShort
     * @param  non-empty-list<Level>  $toScene
     * @param  array<array-key, string>  $music  names by id
     * @param  array<array-key, string>  $effects  names by id
     * @return list<Setting>
     */
    public static function of(array $toShort, array $toScene, array $music, array $effects): array
    {
        $heard = [Stale::Plan, Stale::Sound];
        $sounds = new ChoiceType('sound', [Registry::NONE => 'none'] + $effects);

        return [
            new Setting(
                'music', 'Music',
                new ChoiceType(
                    'music',
                    [Registry::AUTOMATIC => 'chosen by mood', Registry::NONE => 'none'] + $music,
                ),
                Registry::AUTOMATIC, $toShort, $heard,
            ),
            new Setting(
                'mood', 'Mood',
                new ChoiceType('mood', [Registry::AUTOMATIC => 'as the words'] + Mood::labels()),
                Registry::AUTOMATIC, $toShort, $heard,
            ),
            new Setting(
                'music_level', 'Music under the voice',
                new NumberType('The music stays under the voice by a level that', 6, 40, 1, 'dB'),
                CutMusic::UNDER_VOICE, $toShort, $heard,
            ),
            new Setting(
                'music_lift', 'Louder where nobody speaks',
                new NumberType('How much louder it is', 1, 15, 1, 'dB', self::STEADY, 'steady'),
                CutMusic::LIFT, $toShort, $heard,
            ),
            new Setting(
                'music_attack', 'Goes down within',
                new NumberType('The time to go down', 20, 1_000, 10, 'ms'),
                CutMusic::ATTACK_MS, $toShort, $heard,
            ),
            new Setting(
                'music_release', 'Comes back within',
                new NumberType('The time to come back', 50, 3_000, 10, 'ms'),
                CutMusic::RELEASE_MS, $toShort, $heard,
            ),
            new Setting(
                'music_line', 'Level of the music, moved', new LineType, '', [Level::Short], $heard, group: 'line',
            ),
            new Setting(
                'clip_sound', 'Own sound of clips',
                new NumberType('It stays under the voice by a level that', 0, 40, 1, 'dB', self::OFF, 'not heard'),
                self::OFF, [...$toScene, Level::Shot], $heard,
            ),
            new Setting('effect_change', 'Sound at transitions', $sounds, Registry::NONE, $toScene, $heard),
            new Setting('effect_emphasis', 'Sound at words that stand out', $sounds, Registry::NONE, $toScene, $heard),
            new Setting(
                'effect_level', 'Effects under the voice',
                new NumberType('Effects stay under the voice by a level that', 0, 30, 1, 'dB'),
                SceneSounds::UNDER_VOICE, $toScene, $heard,
            ),
            new Setting('effect', 'Sound as it begins', $sounds, Registry::NONE, [Level::Shot], $heard),
        ];
    }

    /** A piece as it is settled to lie under a short. */
    public static function music(CutMusic $piece, Settled $settled): CutMusic
    {
        $lift = $settled->value('music_lift');

        return $piece->under($settled->musicLevel())->ducked(
            $lift === self::STEADY ? 0 : (int) $lift,
            (int) $settled->value('music_attack'),
            (int) $settled->value('music_release'),
            LineType::points((string) $settled->value('music_line')),
        );
    }

    public static function sounds(Settled $settled): SceneSounds
    {
        $clip = $settled->value('clip_sound');

        return new SceneSounds(
            $clip === self::OFF ? null : (int) $clip,
            self::effect($settled, 'effect_change'),
            self::effect($settled, 'effect_emphasis'),
            (int) $settled->value('effect_level'),
        );
    }

    /** @return string id of what is heard; empty for nothing */
    public static function effect(Settled $settled, string $key): string
    {
        $id = (string) $settled->value($key);

        return $id === Registry::NONE ? '' : $id;
    }

    /** The mood that was chosen; null where the words say it. */
    public static function mood(Settled $settled): ?Mood
    {
        return Mood::tryFrom((string) $settled->value('mood'));
    }
}
