<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Matte;

/** How subjects on a plain ground are to be keyed, before it is known what a shot shows. */
final readonly class MatteChoice
{
    /**
     * @param  string|null  $colour  of the ground, as RRGGBB; null where it is to be found
     * @param  string  $behind  a BehindKind that needs no picture, or the id of footage
     * @param  int  $spill  how much of the ground's light is taken off the subject, in percent
     * @param  list<string>  $colours  the upper and the lower one behind it
     */
    public function __construct(
        public ?string $colour,
        public string $behind,
        public int $spill,
        public array $colours,
    ) {
    }
}
