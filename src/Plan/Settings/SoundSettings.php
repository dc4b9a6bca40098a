<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Base\Refusal;
use RapidReel\Plan\Choice\Mood;
use RapidReel\Plan\Choice\MusicChoice;
use RapidReel\Plan\Choice\MusicLevel;
use RapidReel\Plan\Choice\SceneSounds;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\LineType;
use RapidReel\Plan\Settings\Type\NumberType;

/** The settings of sound beside the voice: music and its level, what clips sound like, effects. */
final class SoundSettings
{
    public const OFF = 'off';

    private const STEADY = 'steady';

    /**
     * @param  non-empty-list<Level>  $toShort
     * @param  non-empty-list<Level>  $toScene
     * @param  array<array-key, string>  $music  names by id
     * @param  array<array-key, string>  $effects  names by id
     * @return list<Setting>
     */
    public static function of(array $toShort, array $toScene, array $music, array $effects): array
    {
        $sounds = new ChoiceType('sound', [Registry::NONE => 'none'] + $effects);

        return [
            new Setting(
                'music', 'Music',
                new ChoiceType(
                    'music',
                    [MusicChoice::AUTOMATIC => 'chosen by mood', MusicChoice::NONE => 'none'] + $music,
                ),
                MusicChoice::AUTOMATIC, $toShort, Stale::Plan,
                Section::Sound->common('song track bed'),
            ),
            new Setting(
                'mood', 'Mood',
                new ChoiceType('mood', [Registry::AUTOMATIC => 'as the words'] + Mood::labels()),
                Registry::AUTOMATIC, $toShort, Stale::Plan,
                Section::Sound->common('music'),
            ),
            new Setting(
                'music_level', 'Music under the voice',
                new NumberType('The music stays under the voice by a level that', 6, 40, 1, 'dB'),
                MusicLevel::UNDER_VOICE, $toShort, Stale::Plan,
                Section::Sound->common('volume ducking loudness'),
            ),
            new Setting(
                'music_lift', 'Music louder between words',
                new NumberType('How much louder it is', 1, 15, 1, 'dB', self::STEADY, 'steady'),
                MusicLevel::LIFT, $toShort, Stale::Plan,
                Section::Sound->rare('volume ducking'),
            ),
            new Setting(
                'music_attack', 'Music goes down within',
                new NumberType('The time to go down', 20, 1_000, 10, 'ms'),
                MusicLevel::ATTACK_MS, $toShort, Stale::Plan,
                Section::Sound->rare('ducking attack fade'),
            ),
            new Setting(
                'music_release', 'Music comes back within',
                new NumberType('The time to come back', 50, 3_000, 10, 'ms'),
                MusicLevel::RELEASE_MS, $toShort, Stale::Plan,
                Section::Sound->rare('ducking release fade'),
            ),
            new Setting(
                'music_line', 'Level of the music, moved', new LineType, '', [Level::Short], Stale::Plan,
                Section::Sound->apart(),
            ),
            new Setting(
                'clip_sound', 'Own sound of clips',
                new NumberType('It stays under the voice by a level that', 0, 40, 1, 'dB', self::OFF, 'not heard'),
                self::OFF, [...$toScene, Level::Shot], Stale::Plan,
                Section::Sound->common('audio original volume')->ofClips(),
            ),
            new Setting(
                'effect_change', 'Sound at transitions', $sounds, Registry::NONE, $toScene, Stale::Plan,
                Section::Sound->common('whoosh sfx'),
            ),
            new Setting(
                'effect_emphasis', 'Sound at words that stand out', $sounds, Registry::NONE, $toScene, Stale::Plan,
                Section::Sound->common('hit sfx'),
            ),
            new Setting(
                'effect_level', 'Effects under the voice',
                new NumberType('Effects stay under the voice by a level that', 0, 30, 1, 'dB'),
                SceneSounds::UNDER_VOICE, $toScene, Stale::Plan,
                Section::Sound->rare('volume sfx'),
            ),
            new Setting(
                'effect', 'Sound as the shot begins', $sounds, Registry::NONE, [Level::Shot], Stale::Plan,
                Section::Sound->common('sfx'),
            ),
        ];
    }

    /** @throws Refusal */
    public static function music(SettingValues $values): MusicChoice
    {
        return new MusicChoice(
            $values->text('music'),
            // Where the words say it, that is none of them.
            Mood::tryFrom($values->text('mood')),
            new MusicLevel(
                $values->number('music_level'),
                $values->numberOrNull('music_lift') ?? 0,
                $values->number('music_attack'),
                $values->number('music_release'),
                LineType::points($values->text('music_line')),
            ),
        );
    }

    /** @throws Refusal */
    public static function sounds(SettingValues $values): SceneSounds
    {
        $clip = $values->value('clip_sound');

        return new SceneSounds(
            $clip === self::OFF ? null : (int) $clip,
            self::effect($values, 'effect_change'),
            self::effect($values, 'effect_emphasis'),
            (int) $values->value('effect_level'),
        );
    }

    /**
     * @return string id of what is heard; empty for nothing
     *
     * @throws Refusal
     */
    public static function effect(SettingValues $values, string $key): string
    {
        $id = (string) $values->value($key);

        return $id === Registry::NONE ? '' : $id;
    }
}
