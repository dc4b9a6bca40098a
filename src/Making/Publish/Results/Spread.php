<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

/** How numbers lie: their median, what the middle half is between, and between what the median lies. */
final readonly class Spread
{
    /** Fewer say nothing of others to come (common practice, no published source). */
    public const LEAST = 5;

    private function __construct(
        public int $count,
        public float $median,
        public Interval $middleHalf,
        public Interval $sure,
    ) {
    }

    /** @param  non-empty-list<int|float>  $values */
    public static function of(array $values): self
    {
        sort($values);

        return new self(
            count($values),
            self::quantileOf($values, 0.5),
            new Interval(self::quantileOf($values, 0.25), self::quantileOf($values, 0.75)),
            Intervals::median($values),
        );
    }

    public function isFew(): bool
    {
        return $this->count < self::LEAST;
    }

    /**
     * Below which a share of sorted values lies, between two of them where it falls there (R. J. Hyndman and Y. Fan,
     * "Sample quantiles in statistical packages", 1996, type 7).
     *
     * @param  non-empty-list<int|float>  $sorted
     */
    public static function quantileOf(array $sorted, float $share): float
    {
        $at = $share * (count($sorted) - 1);
        $low = (int) floor($at);
        $high = min(count($sorted) - 1, $low + 1);

        return $sorted[$low] + ($at - $low) * ($sorted[$high] - $sorted[$low]);
    }
}
