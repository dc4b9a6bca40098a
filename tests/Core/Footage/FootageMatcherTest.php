<?php

declare(strict_types=1);

namespace Tests\Core\Footage;

use PHPUnit\Framework\TestCase;
use RapidReel\Footage\Footage;
use RapidReel\Footage\FootageKind;
use RapidReel\Footage\FootageMatcher;
use RapidReel\Footage\ShotNeed;
use RapidReel\Language\Terms;
use Tests\Support\Cuts;

final class FootageMatcherTest extends TestCase
{
    /** @return list<string> */
    private static function ids(ShotNeed ...$needs): array
    {
        $library = [
            Cuts::footage('bell', FootageKind::Still, 'bell ring bronze'),
            Cuts::footage('boat', FootageKind::Clip, 'boat sailing sea'),
            Cuts::footage('fog', FootageKind::Clip, 'fog mist sea'),
            Cuts::footage('tower', FootageKind::Still, 'lighthouse tower sea'),
        ];

        return array_map(
            static fn (Footage $footage): string => $footage->id,
            (new FootageMatcher())->match(array_values($needs), $library),
        );
    }

    public function test_a_picture_fits_the_words_said_over_it(): void
    {
        self::assertSame(['boat', 'bell'], self::ids(
            new ShotNeed('nine boats were', 'Nine boats were out when the bell rang.', 2_000),
            new ShotNeed('out when the bell rang.', 'Nine boats were out when the bell rang.', 2_000),
        ));
    }

    public function test_none_stands_twice_while_others_are_left(): void
    {
        $need = new ShotNeed('the fog', 'Only fog, fog and fog.', 2_000);
        $ids = self::ids($need, $need, $need, $need);

        self::assertSame('fog', $ids[0]);
        self::assertCount(4, array_unique($ids));
    }

    public function test_when_all_are_used_none_follows_itself(): void
    {
        $need = new ShotNeed('the fog', 'Only fog.', 2_000);
        $ids = self::ids(...array_fill(0, 9, $need));

        for ($i = 1; $i < 9; $i++) {
            self::assertNotSame($ids[$i - 1], $ids[$i]);
        }
        self::assertLessThanOrEqual(3, max(array_count_values($ids)));
    }

    public function test_what_the_operator_chose_stays_and_is_not_used_elsewhere(): void
    {
        $chosen = Cuts::footage('fog', FootageKind::Clip, 'fog mist sea');
        $ids = self::ids(new ShotNeed('fog', 'Fog again.', 2_000), new ShotNeed('bell', 'A bell.', 2_000, $chosen));

        self::assertSame('fog', $ids[1]);
        self::assertNotSame('fog', $ids[0]);
    }

    public function test_a_clip_that_would_end_too_soon_gives_way_to_one_that_fits_as_well(): void
    {
        $library = [
            Cuts::footage('short', FootageKind::Clip, 'boat', 900),
            Cuts::footage('long', FootageKind::Clip, 'boat', 6_000),
        ];

        self::assertSame(
            'long',
            (new FootageMatcher())->match([new ShotNeed('the boat', 'The boat.', 2_500)], $library)[0]->id,
        );
    }

    public function test_words_and_tags_meet_in_a_common_form(): void
    {
        self::assertSame(['boat', 'story', 'sail'], Terms::of('The boats, and their stories, sailing'));
        self::assertSame(Terms::of('glass'), Terms::of('Glass'));
        self::assertSame([], Terms::of('it was there, and so on'));
    }
}
