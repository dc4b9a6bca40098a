<?php

declare(strict_types=1);

namespace RapidReel\Captions\Style;

/** By which rules words are put together in captions. */
final readonly class StyleCues
{
    /**
     * @param  int  $words  how many a caption may have
     * @param  int  $letters  how many a caption may have
     * @param  int  $shortest  how long a caption stays at least, if nothing comes after it, in ms
     * @param  int  $hold  a caption stays through a pause of no more than that, in ms
     * @param  string  $joints  before: breaks are sought before conjunctions and prepositions; any: anywhere
     */
    public function __construct(
        public int $words = 3,
        public int $letters = 18,
        public int $shortest = 400,
        public int $hold = 300,
        public string $joints = 'before',
    ) {
    }
}
