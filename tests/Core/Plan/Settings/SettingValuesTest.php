<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Settings;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Registry;
use RapidReel\Plan\Settings\SettingsReader;
use RapidReel\Plan\Settings\SettingValues;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;

final class SettingValuesTest extends TestCase
{
    private static function settled(): SettingValues
    {
        return SettingValues::defaults(Registry::of(['aldous' => 'Aldous', 'brenna' => 'Brenna'], 'aldous'));
    }

    public function test_the_narrower_level_wins_in_whatever_order_they_are_told(): void
    {
        $levels = [
            'channel' => ['speed' => 80, 'motion' => 'left'], 'batch' => ['speed' => 90], 'scene' => ['speed' => 120],
        ];
        $orders = [['channel', 'batch', 'scene'], ['scene', 'channel', 'batch'], ['batch', 'scene', 'channel']];
        foreach ($orders as $order) {
            $settled = self::settled();
            foreach ($order as $level) {
                $settled = $settled->and(Level::from($level), new Values($levels[$level]));
            }
            self::assertSame([120, Level::Scene], [$settled->number('speed'), $settled->from('speed')]);
            self::assertSame(['left', Level::Channel], [$settled->value('motion'), $settled->from('motion')]);
            self::assertSame(['aldous', null], [$settled->text('voice'), $settled->from('voice')]);
            self::assertSame(90, $settled->without(Level::Scene)->number('speed'));
            self::assertSame(80, $settled->without(Level::Scene)->without(Level::Batch)->number('speed'));
        }
    }

    public function test_a_level_at_which_a_setting_cannot_be_made_says_nothing_about_it(): void
    {
        $settled = self::settled()->and(Level::Scene, new Values(['split' => 'line', 'profile' => '90']));
        self::assertSame('sentence', (string) SettingsReader::split($settled));
        self::assertNull($settled->from('profile'));
    }

    public function test_what_was_chosen_and_is_gone_counts_as_not_chosen(): void
    {
        $settled = self::settled()
            ->and(Level::Channel, new Values(['motion' => 'left', 'transition' => 'gone']))
            ->and(Level::Short, new Values(['motion' => 'gone', 'voice' => 'gone']));
        self::assertSame(['left', Level::Channel], [$settled->value('motion'), $settled->from('motion')]);
        self::assertNull($settled->from('transition'));
        // But a voice: what it has spoken is kept.
        self::assertSame(['gone', Level::Short], [$settled->text('voice'), $settled->from('voice')]);
    }

    public function test_words_that_stand_for_no_number_are_none(): void
    {
        $settled = self::settled();
        $scene = new Scene(SceneRole::Beat, 'The lamp went out.');
        self::assertNull(SettingsReader::scene($settled, $scene)->pace->pauseMs);
        $own = $settled->and(Level::Scene, new Values(['pause' => 250]));
        self::assertSame(250, SettingsReader::scene($own, $scene)->pace->pauseMs);
        $left = $settled->and(Level::Short, new Values(['dead_air' => Registry::LEFT]));
        self::assertNull(SettingsReader::speech($left)->deadAirMs);
    }
}
