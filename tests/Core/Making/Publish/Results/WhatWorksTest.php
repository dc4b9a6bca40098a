<?php

declare(strict_types=1);

namespace Tests\Core\Making\Publish\Results;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Results\Factor;
use RapidReel\Making\Publish\Results\Point;
use RapidReel\Making\Publish\Results\Rate;
use RapidReel\Making\Publish\Results\Seen;
use RapidReel\Making\Publish\Results\Series;
use RapidReel\Making\Publish\Results\WhatWorks;

final class WhatWorksTest extends TestCase
{
    /** @return list<Seen> questions that are watched twice as often as the others, by as much chance */
    private static function seen(int $each): array
    {
        $seen = [];
        for ($i = 0; $i < $each; $i++) {
            $by = 1 + (($i * 7) % 5) / 10;
            $seen[] = new Seen(2 * $i, "Q$i", (int) (2_000 * $by), [Factor::HookShape->value => ['Question']]);
            $seen[] = new Seen(2 * $i + 1, "N$i", (int) (900 * $by), [Factor::HookShape->value => ['Number']]);
        }

        return $seen;
    }

    public function test_what_is_better_is_said_only_where_there_are_enough(): void
    {
        [$best, $other] = (new WhatWorks(self::seen(12)))->by(Factor::HookShape);
        self::assertSame(['Question', 12, 'better than the rest'], [$best->name, $best->spread->count, $best->says()]);
        self::assertTrue($best->spread->sure->holds($best->spread->median));
        self::assertSame('worse than the rest', $other->says());

        [$best] = (new WhatWorks(self::seen(4)))->by(Factor::HookShape);
        self::assertSame('too few to tell', $best->says());
    }

    public function test_no_difference_is_called_none(): void
    {
        $seen = array_map(static fn (int $i): Seen => new Seen(
            $i, "S$i", 1_000 + 37 * ($i * 13 % 29), [Factor::Day->value => [$i % 2 === 0 ? 'Monday' : 'Friday']],
        ), range(1, 40));
        foreach ((new WhatWorks($seen))->by(Factor::Day) as $group) {
            self::assertSame('no difference to be told', $group->says());
        }
    }

    public function test_what_few_did_hardly_moves_what_is_expected(): void
    {
        $works = new WhatWorks(self::seen(12));
        self::assertGreaterThan(1.2, $works->expected([Factor::HookShape->value => ['Question']]));
        self::assertLessThan(0.9, $works->expected([Factor::HookShape->value => ['Number']]));
        self::assertSame(1.0, $works->expected([Factor::HookShape->value => ['Dare']]));

        $one = new WhatWorks([...self::seen(12), new Seen(99, 'Dare', 50_000, [Factor::HookShape->value => ['Dare']])]);
        self::assertLessThan(2.0, $one->expected([Factor::HookShape->value => ['Dare']]));
    }

    public function test_variants_are_better_by_as_much_as_chance_leaves(): void
    {
        $seen = self::seen(12);
        $variant = static fn (int $id, int $views): Seen => new Seen($id, "V$id", $views, [], 500);
        [$variants] = (new WhatWorks([...$seen, $variant(500, 1_000), $variant(501, 1_100)]))->variants();
        self::assertSame(501, $variants->seen[0]->id);
        self::assertEqualsWithDelta(0.5, $variants->chance($variants->seen[1]), 0.2);
        self::assertFalse($variants->isSure());

        [$variants] = (new WhatWorks([...$seen, $variant(500, 1_000), $variant(501, 60_000)]))->variants();
        self::assertTrue($variants->isSure());
        self::assertSame(0.5, round($variants->chance($variants->seen[0]), 3), 'Against itself it is even.');
    }

    public function test_views_at_an_age_lie_between_what_was_told(): void
    {
        $series = new Series([new Point(3_000, 500), new Point(1_000, 100), new Point(5_000, 450)]);
        self::assertSame(300, $series->viewsAt(0, 2_000));
        self::assertSame(50, $series->viewsAt(0, 500));
        self::assertSame(500, $series->viewsAt(0, 3_000));
        self::assertNull($series->viewsAt(0, 5_001), 'It is not so old yet.');
        self::assertTrue($series->fell());
        self::assertSame(450, $series->last()?->views, 'What is told last counts, though it fell.');
    }

    public function test_earnings_add_up_to_the_millionth(): void
    {
        // Common practice, no published source: earnings = views ÷ 1,000 × rate.
        self::assertSame(7_400_000_000, Rate::read('1', 'USD')->earned(148 * 50_000));
        self::assertSame('USD 95,000.00', Rate::says(Rate::read('0.50', 'USD')->earned(190_000_000), 'USD'));
        self::assertSame('USD 3,800,000.00', Rate::says(Rate::read('20', 'USD')->earned(190_000_000), 'USD'));
        self::assertSame(500, Rate::read('0,5', 'EUR')->earned(1));
        self::assertSame('0.5', Rate::read('0,5', 'EUR')->written());
        $this->expectException(Refusal::class);
        Rate::read('a lot', 'USD');
    }
}
