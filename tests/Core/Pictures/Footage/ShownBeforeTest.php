<?php

declare(strict_types=1);

namespace Tests\Core\Pictures\Footage;

use PHPUnit\Framework\TestCase;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Footage\Matching\FootageMatcher;
use RapidReel\Pictures\Footage\Matching\ShownBefore;
use RapidReel\Pictures\Footage\ShotNeed;
use Tests\Support\Cuts;

final class ShownBeforeTest extends TestCase
{
    public function test_what_shorts_are_likely_to_show_is_counted_and_keeps_those_after_from_it(): void
    {
        $library = [
            Cuts::footage('one', FootageKind::Still, 'lamp'), Cuts::footage('other', FootageKind::Still, 'lamp'),
            ...array_map(
                static fn (string $tag): Footage => Cuts::footage($tag, FootageKind::Still, $tag),
                ['bell', 'boat', 'map', 'gull', 'rope', 'wheel', 'pier', 'coat'],
            ),
        ];
        $shown = new ShownBefore;
        self::assertSame([], $shown->times());
        foreach (['The lamp burned.', 'A lamp went out.', 'His lamp was found.', 'The bell rang.'] as $text) {
            $shown->add([new ShotNeed($text, $text, 2_500)], 'en', '', $library);
        }
        $times = $shown->times();
        self::assertSame(['bell', 'one', 'other'], array_keys($times));
        self::assertSame(4, array_sum($times));
        // Neither lamp is shown for the third time before the other was shown at all.
        self::assertSame([1, 2], [min($times['one'], $times['other']), max($times['one'], $times['other'])]);
    }

    public function test_it_goes_on_from_what_was_settled_and_counts_no_further_than_matters(): void
    {
        $library = [Cuts::footage('lamp', FootageKind::Still, 'lamp')];
        $shown = new ShownBefore;
        $shown->from(['lamp' => 2]);
        foreach (range(1, 4) as $i) {
            $shown->add([new ShotNeed('The lamp.', 'The lamp.', 2_500)], 'en', '', $library);
        }
        self::assertSame(['lamp' => FootageMatcher::MOST_BY_OTHERS], $shown->times());
    }
}
