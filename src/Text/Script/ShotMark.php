<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

use InvalidArgumentException;
use RapidReel\Base\Values;
use RapidReel\Pictures\Framing\Path\Pin;

/**
 * A shot as it is known by its words: the one that begins at a word of its scene. What the program found is proposed
 * and may be found anew; what an operator touched is locked and stays with its words.
 */
final readonly class ShotMark
{
    /**
     * @param  int  $word  number of the word in its scene, from 0
     * @param  string|null  $footage  id of what it shows; null while that is left to the matcher
     * @param  int|null  $inMs  where in a clip it begins; null for the usual place
     * @param  int|null  $key  names it; null for a new one
     * @param  list<Pin>  $pins  where its window must stand, in ms of what it shows
     */
    public function __construct(
        public int $word,
        public ?string $footage = null,
        public bool $isLocked = false,
        public ShotHold $hold = new ShotHold,
        public ?int $inMs = null,
        public Values $own = new Values,
        public ?int $key = null,
        public array $pins = [],
    ) {
        if ($word < 0 || ($inMs ?? 0) < 0 || $hold->span < 0) {
            throw new InvalidArgumentException('A shot begins at a word of its scene, and nowhere before its clip.');
        }
    }

    public function at(int $word): self
    {
        return $this->but(word: $word);
    }

    /** Chosen by the operator. */
    public function withFootage(string $footage): self
    {
        // What was meant for another picture does not fit this one.
        return $footage === $this->footage
            ? $this->but(isLocked: true)
            : new self($this->word, $footage, true, $this->hold, null, $this->own, $this->key);
    }

    public function with(Values $own): self
    {
        return $this->but(isLocked: true, own: $own);
    }

    /** The same for another scene: it has no name yet. */
    public function copied(): self
    {
        return new self(
            $this->word,
            $this->footage,
            $this->isLocked,
            $this->hold,
            $this->inMs,
            $this->own,
            null,
            $this->pins,
        );
    }

    /** Held over so many words at least. */
    public function holding(int $words): self
    {
        return $this->but(isLocked: true, hold: new ShotHold($this->hold->offset, $words));
    }

    /** Begins so many frames off its word. */
    public function offset(int $frames): self
    {
        return $this->but(isLocked: true, hold: new ShotHold($frames, $this->hold->span));
    }

    /** Begins at another moment of its clip. */
    public function slipped(int $inMs): self
    {
        return $this->but(isLocked: true, inMs: $inMs);
    }

    /** @param  list<Pin>  $pins */
    public function pinned(array $pins): self
    {
        return $this->but(isLocked: true, pins: $pins);
    }

    /** @param  list<Pin>|null  $pins */
    private function but(
        ?int $word = null,
        ?bool $isLocked = null,
        ?Values $own = null,
        ?array $pins = null,
        ?ShotHold $hold = null,
        ?int $inMs = null,
    ): self {
        return new self(
            $word ?? $this->word,
            $this->footage,
            $isLocked ?? $this->isLocked,
            $hold ?? $this->hold,
            $inMs ?? $this->inMs,
            $own ?? $this->own,
            $this->key,
            $pins ?? $this->pins,
        );
    }
}
