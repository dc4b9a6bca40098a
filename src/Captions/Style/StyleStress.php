<?php

declare(strict_types=1);

namespace RapidReel\Captions\Style;

/** Which words of captions are made to stand out, and how. Colours as RRGGBB, scales in percent. */
final readonly class StyleStress
{
    /**
     * @param  string  $emphasis  which words are made to stand out: a case of `EmphasisRule`
     * @param  string  $emoji  on or off
     * @param  int  $emojiEvery  seconds between two
     */
    public function __construct(
        public string $spokenColour = 'FFC247',
        public int $spokenScale = 100,
        public string $emphasis = 'none',
        public string $accent = '7FE0C3',
        public int $accentScale = 100,
        public string $emoji = 'off',
        public int $emojiEvery = 6,
    ) {
    }

    public function rule(): EmphasisRule
    {
        return EmphasisRule::from($this->emphasis);
    }
}
