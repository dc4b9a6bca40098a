<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Review;

use PHPUnit\Framework\TestCase;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Plan\Review\Fingerprint;
use RapidReel\Plan\Review\ScriptFlags;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;

final class ReviewTest extends TestCase
{
    /** @return non-empty-list<Scene> */
    private static function scenes(string $hook, string ...$rest): array
    {
        return array_map(static fn (string $text): Scene => new Scene(SceneRole::Beat, $text), [
            $hook,
            ...array_values($rest),
        ]);
    }

    public function test_the_same_script_and_nearly_the_same_hook_are_found_among_many(): void
    {
        $story = [
            'The harbour had silted up long ago.',
            'Every night the keeper climbed two hundred steps.',
            'Nobody told him that the ships had gone.',
        ];
        $all = [
            Fingerprint::of(self::scenes('One lighthouse guided no ships at all.', ...$story)),
            Fingerprint::of(self::scenes('What if a bell rang under water?', 'It sank in a storm.')),
            Fingerprint::of(
                self::scenes('One lighthouse guided no ships at all!', 'A whale came home.', 'It knew the bay.'),
            ),
            Fingerprint::of(self::scenes('Another beginning of it.', ...$story)),
        ];
        $pairs = [];
        foreach (Fingerprint::alike($all) as [$one, $other, $likeness]) {
            $pairs["$one-$other"] = $likeness->flag('02 “Bell”');
        }

        self::assertSame(['0-2', '0-3'], array_keys($pairs));
        self::assertSame(
            [FlagCode::SameHook, FlagCode::SameScript],
            array_map(static fn (Flag $flag): FlagCode => $flag->code, array_values($pairs)),
        );
        self::assertSame('The same hook as 02 “Bell”.', $pairs['0-2']->message);
    }

    public function test_five_hundred_scripts_that_begin_alike_are_compared_in_little_time(): void
    {
        $one = Fingerprint::of(self::scenes('One lighthouse guided no ships at all.', 'Nobody told the keeper.'));

        self::assertLessThanOrEqual(20 * 500, count(Fingerprint::alike(array_fill(0, 500, $one))));
    }

    public function test_a_late_greeting_and_a_crowded_scene_are_flagged(): void
    {
        $flags = ScriptFlags::of(
            self::scenes('Welcome back, friends. The lamp went out.', 'Nobody came. Nobody saw it.'),
        );

        self::assertSame(
            [FlagCode::HookFiller, FlagCode::SceneCrowded],
            array_map(static fn (Flag $flag): FlagCode => $flag->code, $flags),
        );
        self::assertSame([], ScriptFlags::of(self::scenes('Nine ships sank in one night.', 'Nobody knew why.')));
    }
}
