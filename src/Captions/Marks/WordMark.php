<?php

declare(strict_types=1);

namespace RapidReel\Captions\Marks;

/** What an operator chose for one word of a caption. */
final readonly class WordMark
{
    /**
     * @param  int  $word  number of it in its scene, from 0
     * @param  bool|null  $emphasis  null leaves it to the rule of the style
     * @param  string|null  $emoji  shown after it; empty for none, null leaves it to the style
     * @param  string|null  $sound  heard as it begins; null for none
     * @param  int  $soundMs  so much later, or earlier
     */
    public function __construct(
        public int $word,
        public ?bool $emphasis = null,
        public ?string $emoji = null,
        public ?string $sound = null,
        public int $soundMs = 0,
    ) {
    }

    public function at(int $word): self
    {
        return new self($word, $this->emphasis, $this->emoji, $this->sound, $this->soundMs);
    }

    public function isEmpty(): bool
    {
        return $this->emphasis === null && $this->emoji === null && $this->sound === null;
    }

    public function stressed(?bool $emphasis): self
    {
        return new self($this->word, $emphasis, $this->emoji, $this->sound, $this->soundMs);
    }

    public function followed(?string $emoji): self
    {
        return new self($this->word, $this->emphasis, $emoji, $this->sound, $this->soundMs);
    }

    public function sounding(?string $sound, int $ms = 0): self
    {
        return new self($this->word, $this->emphasis, $this->emoji, $sound, $sound === null ? 0 : $ms);
    }

    /** @return array{0: int, 1: bool|null, 2: string|null, 3?: string, 4?: int} */
    public function toArray(): array
    {
        $mark = [$this->word, $this->emphasis, $this->emoji];

        return $this->sound === null ? $mark : [...$mark, $this->sound, $this->soundMs];
    }
}
