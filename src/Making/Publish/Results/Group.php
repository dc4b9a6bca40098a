<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

/** Posted shorts that have something in common, against all of them. */
final readonly class Group
{
    public function __construct(
        public string $name,
        public Spread $spread,
        public float $ofAll,
    ) {
    }

    /** What can be said of it against all the others; in words, as a colour alone says nothing. */
    public function says(): string
    {
        return match (true) {
            $this->spread->isFew() => 'too few to tell',
            $this->spread->sure->from > $this->ofAll => 'better than the rest',
            $this->spread->sure->to < $this->ofAll => 'worse than the rest',
            default => 'no difference to be told',
        };
    }
}
