<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage\Matching;

use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\ShotNeed;

/**
 * How often the shorts of a batch are likely to show each picture, one short after the other in the order of the
 * batch. It goes by words alone, before anything is voiced, so that it does not matter which short is planned first.
 */
final class ShownBefore
{
    /** @var array<array-key, int> by id */
    private array $times = [];

    private readonly FootageIndexes $indexes;

    public function __construct()
    {
        $this->indexes = new FootageIndexes;
    }

    /** @return array<array-key, int> how often those that were added show a picture, by id; no more than counts */
    public function times(): array
    {
        return array_map(static fn (int $times): int => min($times, FootageMatcher::MOST_BY_OTHERS), $this->times);
    }

    /**
     * Goes on from what was settled before.
     *
     * @param  array<array-key, int>  $times  as times() told it
     */
    public function from(array $times): void
    {
        $this->times = $times;
    }

    /**
     * The next one.
     *
     * @param  list<ShotNeed>  $needs  of all that it is likely to show
     * @param  string  $language  of its words, as a BCP 47 tag
     * @param  list<Footage>  $library  what is offered to it
     * @param  Collection|null  $of  the whole library, where that is a part
     */
    public function add(
        array $needs, string $language, string $subject, array $library, ?Collection $of = null,
    ): void {
        if ($library === []) {
            return;
        }
        $matcher = new FootageMatcher($language, $subject, $this->times(), $this->indexes, $of);
        foreach ($matcher->match($needs, $library) as $match) {
            $this->times[$match->footage->id] = ($this->times[$match->footage->id] ?? 0) + 1;
        }
        ksort($this->times);
    }
}
