<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage\Matching;

use RapidReel\Pictures\Footage\Footage;

/** A library as it is looked through, made once for each language. */
final class FootageIndexes
{
    /** @var list<Footage> */
    private array $library = [];

    /** @var array<string, FootageIndex> by language */
    private array $made = [];

    /**
     * @param  list<Footage>  $library
     * @param  Collection|null  $of  all of which that is a part
     */
    public function of(array $library, string $language, ?Collection $of = null): FootageIndex
    {
        if ($this->library !== $library) {
            [$this->library, $this->made] = [$library, []];
        }

        return $this->made[$language] ??= new FootageIndex($library, $language, $of);
    }
}
