<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Text\Translation\Version\Pair;

/** Captions in another language beside those of what is said: how they look, where they stand, and what they say. */
final readonly class SecondCaptions
{
    /**
     * @param  string  $language  primary part of a BCP 47 tag
     * @param  bool  $isAbove  whether they stand above the others
     * @param  list<Pair>  $pairs  sentences of the scene, and what they are in that language
     * @param  string  $text  of the scene in that language; empty where there is none
     */
    public function __construct(
        public string $language,
        public CaptionStyle $style,
        public bool $isAbove = false,
        public array $pairs = [],
        public string $text = '',
    ) {
    }

    /** @param  list<Pair>  $pairs */
    public function saying(array $pairs, string $text): self
    {
        return new self($this->language, $this->style, $this->isAbove, $pairs, $text);
    }
}
