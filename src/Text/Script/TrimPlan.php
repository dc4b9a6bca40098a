<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

/** What to leave out of a script that is too long. */
final readonly class TrimPlan
{
    /**
     * @param  list<TrimStep>  $steps  in the order in which to drop them, what the text misses least first
     * @param  non-empty-array<int, Scene>  $scenes  what is left after all of them, by the numbers they had
     */
    public function __construct(
        public array $steps,
        public array $scenes,
        public bool $fits,
    ) {
    }

    /** @return non-empty-list<Scene> what is left after all of them */
    public function left(): array
    {
        return array_values($this->scenes);
    }
}
