<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Settings;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Registry;
use RapidReel\Plan\Settings\Settled;

final class SettledTest extends TestCase
{
    private static function settled(): Settled
    {
        return Settled::defaults(Registry::of(['aldous' => 'Aldous', 'brenna' => 'Brenna'], 'aldous'));
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
            self::assertSame([120, Level::Scene], [$settled->speed(), $settled->from('speed')]);
            self::assertSame(['left', Level::Channel], [$settled->value('motion'), $settled->from('motion')]);
            self::assertSame(['aldous', null], [$settled->voice(), $settled->from('voice')]);
            self::assertSame(90, $settled->without(Level::Scene)->speed());
            self::assertSame(80, $settled->without(Level::Scene)->without(Level::Batch)->speed());
        }
    }

    public function test_a_level_at_which_a_setting_cannot_be_made_says_nothing_about_it(): void
    {
        $settled = self::settled()->and(Level::Scene, new Values(['split' => 'line', 'profile' => '90']));
        self::assertSame('sentence', (string) $settled->split());
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
        self::assertSame(['gone', Level::Short], [$settled->voice(), $settled->from('voice')]);
    }

    public function test_words_that_stand_for_no_number_are_none(): void
    {
        $settled = self::settled();
        self::assertNull($settled->pauseMs());
        self::assertSame(250, $settled->and(Level::Scene, new Values(['pause' => 250]))->pauseMs());
        self::assertNull($settled->and(Level::Short, new Values(['dead_air' => Registry::LEFT]))->deadAirMs());
    }
}
