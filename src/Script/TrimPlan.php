<?php

declare(strict_types=1);

namespace RapidReel\Script;

/** What to leave out of a script that is too long. */
final readonly class TrimPlan
{
    /**
     * @param  list<TrimStep>  $steps  in the order in which to drop them, what the text misses least first
     * @param  non-empty-list<Scene>  $scenes  what is left after all of them
     */
    public function __construct(
        public array $steps,
        public array $scenes,
        public bool $fits,
    ) {
    }
}
