<?php

declare(strict_types=1);

namespace RapidReel\Plan\Brief;

/** A shot before it has a picture: what is said over it, and when (ms of the short). */
final readonly class ShotWords
{
    /**
     * @param  int  $scene  from 0
     * @param  int  $shot  of its scene, from 0
     * @param  int  $word  of its scene that it begins at, from 0
     * @param  string  $wanted  what the maker wants shown in its scene; may be empty
     */
    public function __construct(
        public int $scene,
        public int $shot,
        public string $words,
        public string $wanted,
        public int $startMs,
        public int $endMs,
        private string $sentence = '',
        public int $word = 0,
    ) {
    }

    /** All that its scene says. */
    public function sentence(): string
    {
        return $this->sentence === '' ? $this->words : $this->sentence;
    }
}
