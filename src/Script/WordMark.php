<?php

declare(strict_types=1);

namespace RapidReel\Script;

/** What an operator chose for one word of a caption. */
final readonly class WordMark
{
    /**
     * @param  int  $word  number of it in its scene, from 0
     * @param  bool|null  $emphasis  null leaves it to the rule of the style
     * @param  string|null  $emoji  shown after it; empty for none, null leaves it to the style
     */
    public function __construct(
        public int $word,
        public ?bool $emphasis = null,
        public ?string $emoji = null,
    ) {
    }

    public function at(int $word): self
    {
        return new self($word, $this->emphasis, $this->emoji);
    }

    public function isEmpty(): bool
    {
        return $this->emphasis === null && $this->emoji === null;
    }

    /** @return array{int, bool|null, string|null} */
    public function toArray(): array
    {
        return [$this->word, $this->emphasis, $this->emoji];
    }
}
