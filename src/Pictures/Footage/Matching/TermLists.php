<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage\Matching;

/**
 * A large library by the terms of its words: which pieces hold each, as far as terms are asked for. Ranks as Bm25 does
 * of which all documents are at hand.
 */
final class TermLists
{
    /** Bytes of one entry of a list as it is kept: two numbers of 32 bits, the lower byte first. */
    public const ENTRY = 8;

    /** Pieces that hold a term of which there are many. */
    private const COMMON = 400;

    /** As many times what is asked for are enough to choose from. */
    private const ENOUGH = 8;

    /** @var array<array-key, array<int, int>> by term and id */
    private array $held = [];

    /** @var array<array-key, TermAdds> by term */
    private array $adds = [];

    public readonly Collection $collection;

    /**
     * @param  int  $documents  that there are
     * @param  int  $length  of all of them, in tenths of a term
     * @param  array<array-key, string>  $lists  by term, as they are kept; for each piece that holds it its id, and how
     *   often (tenths, lower 16 bits) beside how long it is (tenths, upper 16 bits)
     */
    public function __construct(int $documents, int $length, private readonly array $lists)
    {
        $this->collection = new Collection(
            max(0, $documents), max(0, $length) / 10 / max(1, $documents),
            array_map(static fn (string $list): int => intdiv(strlen($list), self::ENTRY), $lists),
        );
    }

    /**
     * The pieces that fit a wish best. Those that hold nothing but terms of which there are thousands are looked at
     * only where there is little else.
     *
     * @return array<int, float> scores by id, the best first
     */
    public function best(ShotWish $wish, int $count): array
    {
        $terms = $wish->terms;
        uksort($terms, fn (int|string $one, int|string $other): int => $this->holding($one) <=> $this->holding($other));
        $scores = [];
        foreach ($terms as $term => $weight) {
            $held = $this->held($term);
            $adds = $this->adds[$term] ??= new TermAdds(
                Bm25::rarity($this->collection->documents, count($held)), $this->collection->length,
            );
            $isLate = count($held) > self::COMMON && count($scores) >= self::ENOUGH * $count;
            $scores = $isLate ? $adds->late($scores, $held, $weight) : $adds->all($scores, $held, $weight);
        }

        return self::most($scores, $count);
    }

    private function holding(int|string $term): int
    {
        return intdiv(strlen($this->lists[$term] ?? ''), self::ENTRY);
    }

    /** @return array<int, int> how often, and how long, as it is kept, by the id of each piece that holds a term */
    private function held(int|string $term): array
    {
        if (! isset($this->held[$term])) {
            $held = [];
            // An entry as one number: that is unpacked twice as fast as two.
            foreach ($this->holding($term) === 0 ? [] : (array) unpack('P*', $this->lists[$term]) as $entry) {
                if (is_int($entry)) {
                    $held[$entry & 0xFFFF_FFFF] = $entry >> 32 & 0xFFFF_FFFF;
                }
            }
            $this->held[$term] = $held;
        }

        return $this->held[$term];
    }

    /**
     * @param  array<int, float>  $scores
     * @return array<int, float> the highest, the best first; of equal ones those that were there first
     */
    private static function most(array $scores, int $count): array
    {
        if (count($scores) > 4 * $count) {
            // Most are far below: only what is above the best of a first few can be among them.
            $few = array_slice($scores, 0, 4 * $count);
            rsort($few);
            $least = $few[$count - 1];
            $scores = array_filter($scores, static fn (float $score): bool => $score >= $least);
        }
        arsort($scores);

        return array_slice($scores, 0, $count, true);
    }
}
