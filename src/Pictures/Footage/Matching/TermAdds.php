<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage\Matching;

/** What one term adds to the scores of the pieces that hold it, as in Bm25. */
final class TermAdds
{
    /** @var array<int, float> of weight 1, by how often and how long: of thousands most are as others are */
    private array $known = [];

    /**
     * @param  float  $rarity  of the term
     * @param  float  $mean  length of all pieces
     */
    public function __construct(
        private readonly float $rarity,
        private readonly float $mean,
    ) {
    }

    /**
     * @param  array<int, float>  $scores  by id
     * @param  array<int, int>  $held  by id: how often (tenths, lower 16 bits) beside how long (tenths, upper 16 bits)
     * @return array<int, float> with those that have none yet
     */
    public function all(array $scores, array $held, float $weight): array
    {
        foreach ($held as $id => $told) {
            $scores[$id] = ($scores[$id] ?? 0.0) + $weight * ($this->known[$told] ?? $this->of($told));
        }

        return $scores;
    }

    /**
     * @param  array<int, float>  $scores  by id
     * @param  array<int, int>  $held  as above
     * @return array<int, float> of those alone that have some
     */
    public function late(array $scores, array $held, float $weight): array
    {
        foreach ($scores as $id => $score) {
            if (isset($held[$id])) {
                $scores[$id] = $score + $weight * ($this->known[$held[$id]] ?? $this->of($held[$id]));
            }
        }

        return $scores;
    }

    private function of(int $told): float
    {
        return $this->known[$told] = $this->rarity
            * Bm25::saturation(($told & 0xFFFF) / 10, ($told >> 16) / 10 / max(1e-9, $this->mean));
    }
}
