<?php

declare(strict_types=1);

namespace Tests\Standards;

use PHPUnit\Framework\TestCase;
use RapidReel\Pictures\Footage\Matching\Bm25;

/**
 * BM25 against the worked example of B. Croft, D. Metzler and T. Strohman, "Search Engines: Information Retrieval in
 * Practice", section 7.2.2 ("president lincoln"): 500,000 documents, of which 40,000 and 300 hold the words, a document
 * of 0.9 of the mean length, k1 = 1.2, b = 0.75. The values are from memory.
 */
final class RankingTest extends TestCase
{
    public function test_scores_are_those_of_the_published_example(): void
    {
        $score = static fn (int $president, int $lincoln): float => Bm25::weight(500_000, 40_000, $president, 0.9)
            + Bm25::weight(500_000, 300, $lincoln, 0.9);
        $published = [[15, 25, 20.66], [15, 1, 12.74], [15, 0, 5.00], [1, 25, 18.2], [0, 25, 15.66]];
        foreach ($published as [$one, $two, $sum]) {
            // The book rounds the parts before it adds them.
            self::assertEqualsWithDelta($sum, $score($one, $two), 0.06);
        }
    }
}
