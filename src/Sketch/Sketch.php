<?php

declare(strict_types=1);

namespace RapidReel\Sketch;

/** A script that somebody or something wrote, one sentence a line. */
final readonly class Sketch
{
    /** @param  non-empty-list<string>  $sentences  the first is the hook */
    public function __construct(
        public string $title,
        public array $sentences,
    ) {
    }

    public function words(): int
    {
        return self::wordsOf(implode(' ', $this->sentences));
    }

    /** How many words of a text are said: a dash alone is none. */
    public static function wordsOf(string $text): int
    {
        return (int) preg_match_all('/\S*[\p{L}\p{N}]\S*/u', $text);
    }

    public function text(): string
    {
        return implode("\n", $this->sentences);
    }
}
