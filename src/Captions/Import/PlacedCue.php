<?php

declare(strict_types=1);

namespace RapidReel\Captions\Import;

/** A caption of a file at the words of a short that it belongs to. */
final readonly class PlacedCue
{
    /**
     * @param  int  $cue  number of it in the file
     * @param  int  $word  the first of its scene
     * @param  string|null  $text  what it shows, where that is not what is said
     * @param  list<int>  $lines  words on each line; none where the file breaks none
     * @param  int|null  $startMs  null where it goes on from another scene
     * @param  int|null  $endMs  null where it goes on in another scene
     */
    public function __construct(
        public int $cue,
        public int $scene,
        public int $word,
        public int $count,
        public ?string $text,
        public array $lines,
        public ?int $startMs,
        public ?int $endMs,
    ) {
    }
}
