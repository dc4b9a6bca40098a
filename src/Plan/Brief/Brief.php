<?php

declare(strict_types=1);

namespace RapidReel\Plan\Brief;

/** What one shot should show, in one line of words. */
final readonly class Brief
{
    /**
     * @param  int  $number  in the short, from 1
     * @param  list<string>  $forbidden  words in it that the channel forbids
     */
    public function __construct(
        public int $number,
        public ShotWords $shot,
        public string $text,
        public array $forbidden,
    ) {
    }

    /** The name, without an ending, that its picture comes back under. */
    public function fileName(): string
    {
        return sprintf('%02d', $this->number);
    }
}
