<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Typeface\TypefaceSet;
use RapidReel\Captions\Cueing\EmojiBook;

/** What captions of a short are set with. */
final readonly class Lettering
{
    /** @param  string  $language  of its words, as a BCP 47 tag */
    public function __construct(
        public TypefaceSet $faces,
        public string $language = 'en',
        public ?EmojiBook $emoji = null,
    ) {
    }
}
