<?php

declare(strict_types=1);

namespace RapidReel\Captions\Typesetting;

use RapidReel\Base\Typeface\Run;

/** What is not parted on a line: a word, or a part of one that is too long for a line. Widths at full size. */
final readonly class Unit
{
    /**
     * @param  int  $word  number of it in its caption
     * @param  list<array{Run, float, float, bool}>  $runs  letters of one face each: with the size of that face, their
     *                                                      width, and whether they are an emoji
     * @param  float  $width  of all of them
     * @param  float  $room  that it takes on the line, with what it grows by when it is said
     * @param  bool  $isGlued  whether no blank stands before it: it goes on with the word of the unit before it, or its
     *                        language writes none
     */
    public function __construct(
        public int $word,
        public array $runs,
        public float $width,
        public float $room,
        public bool $isGlued = false,
    ) {
    }
}
