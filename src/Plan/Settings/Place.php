<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

/** Where a setting stands among the others. */
final readonly class Place
{
    /**
     * @param  string  $words  by which it is found too, beside those of its label
     * @param  bool|null  $ofClips  whether it is for clips alone, or for stills alone; null for both
     */
    public function __construct(
        public Section $section,
        public Standing $standing,
        public string $words,
        public ?bool $ofClips = null,
    ) {
    }

    /** The same for clips alone. */
    public function ofClips(): self
    {
        return new self($this->section, $this->standing, $this->words, true);
    }

    /** The same for stills alone. */
    public function ofStills(): self
    {
        return new self($this->section, $this->standing, $this->words, false);
    }
}
