<?php

declare(strict_types=1);

namespace Tests\Core\Base\Language;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Language\Picturable;
use RapidReel\Base\Language\Readability;
use RapidReel\Base\Language\Shingles;
use RapidReel\Base\Language\TextRank;
use RapidReel\Base\Language\TopicTiler;

final class LanguageTest extends TestCase
{
    public function test_the_sentence_that_shares_most_with_the_others_ranks_first(): void
    {
        $scores = TextRank::scores([
            'The keeper lit the lamp.',
            'The keeper carried oil to the lamp in the tower.',
            'Soup was hot.',
            'Oil burned in the tower.',
        ]);

        self::assertSame(1, array_search(max($scores), $scores, true));
        self::assertSame(2, array_search(min($scores), $scores, true));
    }

    /**
     * Broder 1997: |a ∩ b| ÷ |a ∪ b|; the example of that paper with a shingle of four: "a rose is a rose is a rose".
     */
    public function test_shingles_are_counted_once_and_resemblance_is_their_share(): void
    {
        self::assertCount(3, Shingles::of('a rose is a rose is a rose', 4));
        self::assertSame(
            1.0,
            Shingles::resemblance(Shingles::of('The lamp went out!', 2), Shingles::of('the LAMP, went out', 2)),
        );
        self::assertEqualsWithDelta(
            1 / 3,
            Shingles::resemblance(Shingles::of('the lamp went', 2), Shingles::of('the lamp burned', 2)),
            0.001,
        );
        self::assertSame(0.0, Shingles::resemblance([], [1]));
    }

    public function test_a_long_sentence_is_found_and_no_words_have_no_ease(): void
    {
        $long = 'The keeper '.str_repeat('and the gull and the boat ', 5).'came.';
        $reading = Readability::of("Nobody came. $long");

        self::assertSame([$long], $reading->longSentences);
        self::assertNull(Readability::of('…')->ease());
    }

    public function test_topics_turn_where_the_words_do(): void
    {
        $lamp = [
            'The lamp at Orrin Head was lit in 1831 and it has not gone out since. Keepers carried the oil up two '
                .'hundred steps each evening.',
            'In the great storm the glass of the lamp broke, and the keeper held a blanket before the flame for nine '
                .'hours.',
            'The oil lamp stands beside the new lamp, and a keeper still climbs the steps of the tower each evening.',
        ];
        $bread = [
            'Good bread needs flour, salt, yeast and an oven. Mix the flour with warm water and leave the dough alone '
                .'for a night.',
            'Knead the dough until it stops sticking, shape two loaves, and let the loaves rise on a floured board '
                .'near the oven.',
            'Bake the bread until the loaf sounds hollow, and eat the loaf with butter while the crust is warm.',
        ];

        $turns = (new TopicTiler)->boundaries([...$lamp, ...$bread]);
        self::assertContains(3, $turns);
        self::assertSame([], array_diff($turns, range(1, 5)));
    }

    public function test_words_that_nobody_can_picture_are_told_from_those_that_can_be_seen(): void
    {
        self::assertSame(['technique'], Picturable::vague('The technique of the gull'));
        self::assertSame([], Picturable::vague('The station on the ocean'));
    }
}
