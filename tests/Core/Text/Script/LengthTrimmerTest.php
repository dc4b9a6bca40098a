<?php

declare(strict_types=1);

namespace Tests\Core\Text\Script;

use PHPUnit\Framework\TestCase;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Script\LengthTrimmer;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneSplitter;

final class LengthTrimmerTest extends TestCase
{
    private const TEXT = 'The lighthouse keeper lit the lamp for nine ships. The lamp of the lighthouse burned oil. A '
        .'gull sat there. The keeper carried oil to the lamp every night. Soup was hot. Nine ships saw the lamp of '
        .'the keeper. Follow the keeper.';

    /** @param  array<int, Scene>  $scenes */
    private static function words(array $scenes): int
    {
        return 1000 *
            array_sum(array_map(static fn (Scene $scene): int => substr_count($scene->text, ' ') + 1, $scenes));
    }

    /** @return non-empty-list<Scene> */
    private static function scenes(): array
    {
        return (new SceneSplitter)->split((new ScriptReader)->read(self::TEXT));
    }

    public function test_what_has_nothing_in_common_with_the_rest_goes_first_and_hook_and_close_stay(): void
    {
        $plan = (new LengthTrimmer)->plan(self::scenes(), 30_000, self::words(...));

        self::assertTrue($plan->fits);
        $gone = array_map(static fn ($step): string => $step->sentence, $plan->steps);
        sort($gone);
        self::assertSame(['A gull sat there.', 'Soup was hot.'], array_slice($gone, 0, 2));
        self::assertSame('The lighthouse keeper lit the lamp for nine ships.', $plan->left()[0]->text);
        self::assertSame('Follow the keeper.', $plan->left()[count($plan->scenes) - 1]->text);
        self::assertLessThanOrEqual(30_000, self::words($plan->scenes));
    }

    public function test_every_step_tells_the_length_after_it(): void
    {
        $plan = (new LengthTrimmer)->plan(self::scenes(), 20_000, self::words(...));
        $before = self::words(self::scenes());
        foreach ($plan->steps as $step) {
            self::assertSame($before - 1000 * (substr_count($step->sentence, ' ') + 1), $step->durationMs);
            $before = $step->durationMs;
        }
    }

    public function test_nothing_goes_where_it_fits_and_as_many_as_are_asked_for_where_not(): void
    {
        self::assertSame([], (new LengthTrimmer)->plan(self::scenes(), 90_000, self::words(...))->steps);
        self::assertCount(1, (new LengthTrimmer)->plan(self::scenes(), 20_000, self::words(...), 1)->steps);
    }

    public function test_hook_and_close_alone_may_be_too_long_still(): void
    {
        $plan = (new LengthTrimmer)->plan(self::scenes(), 5_000, self::words(...));

        self::assertFalse($plan->fits);
        self::assertCount(2, $plan->scenes);
    }

    public function test_one_sentence_of_a_scene_can_go_and_the_scene_stay(): void
    {
        $scenes = self::scenes();
        $scenes[2] = $scenes[2]->saying('A gull sat there. The keeper saw the lamp and the ships.');
        $plan = (new LengthTrimmer)->plan($scenes, self::words($scenes) - 3_000, self::words(...));

        self::assertTrue($plan->fits);
        self::assertCount(1, $plan->steps);
    }
}
