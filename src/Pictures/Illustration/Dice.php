<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Illustration;

/** Chance that falls the same for the same seed, whatever else is thrown. */
final class Dice
{
    private int $throws = 0;

    public function __construct(private readonly string $seed)
    {
    }

    public function between(float $least, float $most): float
    {
        $part = hexdec(substr(hash('xxh64', $this->seed.'|'.$this->throws++), 0, 8)) / 0xFFFFFFFF;

        return $least + ($most - $least) * $part;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function pick(array $of): mixed
    {
        return $of[min(count($of) - 1, (int) $this->between(0, count($of)))];
    }
}
