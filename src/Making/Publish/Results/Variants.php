<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

/** One script in several ways, each posted. */
final readonly class Variants
{
    /** From here on it is said that one is better. */
    private const SURE = 0.95;

    /** @var non-empty-list<Seen> the most watched first */
    public array $seen;

    /**
     * @param  non-empty-list<Seen>  $seen
     * @param  float  $noise  one deviation of the logarithms of views from short to short of the channel
     */
    public function __construct(array $seen, public float $noise)
    {
        usort($seen, static fn (Seen $one, Seen $other): int => [$other->views, $one->id] <=> [$one->views,
            $other->id]);
        $this->seen = $seen;
    }

    /**
     * Chance that the best is really better than another: two shorts of one kind differ by as much as shorts of this
     * channel do by chance, so that a difference counts against √2 of that (difference of two normal numbers).
     */
    public function chance(Seen $other): float
    {
        $apart = log(1 + $this->seen[0]->views) - log(1 + $other->views);

        return Intervals::normal($apart / ($this->noise * M_SQRT2));
    }

    public function isSure(): bool
    {
        return $this->chance($this->seen[1] ?? $this->seen[0]) >= self::SURE;
    }
}
