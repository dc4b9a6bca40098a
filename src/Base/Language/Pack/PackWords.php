<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/** Words that do something in a sentence, in lower case. */
final readonly class PackWords
{
    /** @var array<string, true> */
    public array $functionWords;

    /**
     * @param  string  $functionWords  words that name no picture, parted by spaces
     * @param  list<string>  $openings  expressions of greetings and announcements
     * @param  string  $asks  how a sentence begins that asks the viewer for something
     * @param  string  $joining  words before which a long sentence is best parted
     */
    public function __construct(
        string $functionWords = '',
        public array $openings = [],
        public string $asks = '',
        public string $joining = '',
    ) {
        $this->functionWords = array_fill_keys(
            array_filter(explode(' ', $functionWords), static fn (string $word): bool => $word !== ''),
            true,
        );
    }
}
