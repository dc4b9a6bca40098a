<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Base\FrameShape;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\Targets;
use RapidReel\Pictures\Framing\Framing;
use RapidReel\Pictures\Framing\FramingChoice;
use RapidReel\Pictures\Framing\StillMotion;
use RapidReel\Plan\Choice\ClipFit;
use RapidReel\Plan\Choice\PaceChoice;
use RapidReel\Plan\Choice\PictureChoice;
use RapidReel\Plan\Choice\SceneSettings;
use RapidReel\Plan\Choice\ShortSettings;
use RapidReel\Plan\Choice\ShotSettings;
use RapidReel\Plan\Choice\SpeechChoice;
use RapidReel\Plan\Choice\TargetChoice;
use RapidReel\Plan\Choice\Transition;
use RapidReel\Plan\Choice\TransitionKind;
use RapidReel\Plan\Pace\PacedScene;
use RapidReel\Plan\Settings\Type\TargetsType;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Text\Script\SplitRule;

/** The one place where settings become values: whatever plans, makes or shows something is given these. */
final class SettingsReader
{
    /** @throws Refusal */
    public static function short(SettingValues $values): ShortSettings
    {
        $targets = self::targets($values);

        return new ShortSettings(
            $targets,
            PaceSettings::loop($values),
            SoundSettings::music($values),
            LogoSettings::logo($values),
            CardSettings::cards($values),
            CardSettings::progress($values),
            EdgeSettings::edges($values, $targets->frame()->grid()),
        );
    }

    /** @throws Refusal */
    public static function scene(SettingValues $values, Scene $scene): SceneSettings
    {
        $captions = CaptionSettings::style($values);

        return new SceneSettings(
            self::speech($values),
            new PaceChoice(
                PaceSettings::cadence($values, $scene->role === SceneRole::Hook),
                $values->number('longest_shot'),
                $values->number('shortest_shot'),
                self::pauseMs($values, $scene),
                $values->number('tail'),
            ),
            $captions,
            self::shot($values),
            $captions === null ? null : SecondCaptionSettings::second($values),
        );
    }

    /** @throws Refusal */
    public static function shot(SettingValues $values): ShotSettings
    {
        return new ShotSettings(
            new FramingChoice(
                Framing::from($values->text('framing')),
                $values->number('closeness'),
                StillMotion::from($values->text('motion')),
                $values->number('motion_strength'),
                $values->text('motion_easing') === Registry::EVEN,
                $values->text('ground_top'),
                $values->text('ground_bottom'),
            ),
            new PictureChoice(
                $values->number('dim'),
                $values->text('shade') === Registry::NEEDED,
                $values->text('match_colours') === Registry::MATCHED,
                LookSettings::grade($values),
            ),
            Transition::seen(TransitionKind::from($values->text('transition')), $values->number('transition_ms')),
            ClipFit::from($values->text('clip_fit')),
            MatteSettings::choice($values),
            SoundSettings::sounds($values),
            SoundSettings::effect($values, 'effect'),
        );
    }

    /** @throws Refusal */
    public static function speech(SettingValues $values): SpeechChoice
    {
        return new SpeechChoice(
            $values->text('voice'),
            $values->number('speed'),
            $values->numberOrNull('dead_air'),
            $values->number('tempo'),
        );
    }

    /** @throws Refusal */
    public static function targets(SettingValues $values): TargetChoice
    {
        $targets = new Targets(TargetsType::all($values->text('own_targets')));
        $main = $targets->get($values->text('profile'));

        return new TargetChoice($main, array_values(array_filter(
            $targets->listed($values->text('more_targets')),
            static fn (Target $one): bool => $one->id !== $main->id,
        )), FrameShape::from($values->text('shape')));
    }

    /** @throws Refusal */
    public static function split(SettingValues $values): SplitRule
    {
        return SplitRule::parse($values->text('split'));
    }

    /**
     * A scene that carries on into the next has no longer pause than that, unless it is set for it alone.
     *
     * @throws Refusal
     */
    private static function pauseMs(SettingValues $values, Scene $scene): ?int
    {
        $pause = $values->numberOrNull('pause');

        return $pause === null || ! $scene->carriesOn() || $values->from('pause') === Level::Scene
            ? $pause
            : min(PacedScene::CARRY_MS, $pause);
    }
}
