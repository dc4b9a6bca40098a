<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Cut;

use PHPUnit\Framework\TestCase;
use RapidReel\Plan\Choice\PaceChoice;
use RapidReel\Plan\Choice\SceneSettings;
use RapidReel\Plan\Choice\SceneSounds;
use RapidReel\Plan\Choice\ShotSettings;
use RapidReel\Plan\Choice\Transition;
use RapidReel\Plan\Choice\TransitionKind;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Plan\Pace\Cadence;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use Tests\Support\Cuts;

/** What is set and cannot be seen or heard is told. */
final class UnmetSettingsTest extends TestCase
{
    /** @return list<string> */
    private static function told(SceneSettings ...$settings): array
    {
        $texts = ['One light burned all night long.', 'Nobody saw it go out.', 'Follow for another one.'];
        $voiced = array_map(
            static fn (string $text, int $i): VoicedScene => new VoicedScene(
                new Scene($i === 0 ? SceneRole::Hook : SceneRole::Beat, $text), Cuts::take($text),
                settings: $settings[min($i, count($settings) - 1)],
            ),
            $texts,
            array_keys($texts),
        );
        $cut = Cuts::builder()->build('The light', $voiced, Cuts::library(), null);

        return array_values(array_map(
            static fn (Flag $flag): string => $flag->message,
            array_filter($cut->found->flags, static fn (Flag $flag): bool => $flag->code === FlagCode::NotAsSet),
        ));
    }

    private static function sounding(?Transition $transition): SceneSettings
    {
        return new SceneSettings(shots: new ShotSettings(
            transition: $transition, sounds: new SceneSounds(change: 'whoosh'),
        ));
    }

    private static function changing(float $seconds, int $shortestMs): SceneSettings
    {
        return new SceneSettings(pace: new PaceChoice(Cadence::seconds($seconds), shortestMs: $shortestMs));
    }

    public function test_a_sound_at_transitions_where_every_cut_is_plain(): void
    {
        self::assertSame([], self::told(new SceneSettings));
        self::assertSame([], self::told(self::sounding(new Transition(TransitionKind::Dissolve, 200))));
        self::assertSame([], self::told(
            self::sounding(null), self::sounding(new Transition(TransitionKind::Dissolve, 200)), self::sounding(null),
        ));
        $told = self::told(self::sounding(null));
        self::assertCount(1, $told);
        self::assertStringStartsWith('A sound is set for transitions, and there are none', $told[0]);
    }

    public function test_pictures_that_are_to_change_faster_than_a_shot_may_be_short(): void
    {
        self::assertSame([], self::told(self::changing(1.2, 1_200)));
        self::assertSame(
            ['Pictures are to change every 0.8 s, and no shot is to be shorter than 1.2 s: make the shortest shot '
                .'shorter.'],
            self::told(self::changing(0.8, 1_200)),
        );
        self::assertStringStartsWith(
            'Pictures are to change in the hook every 0.8 s',
            self::told(self::changing(0.8, 900), new SceneSettings)[0],
        );
        self::assertStringStartsWith(
            'Pictures are to change in 2 scenes every 1 s', self::told(new SceneSettings, self::changing(1, 1_100))[0],
        );
    }
}
