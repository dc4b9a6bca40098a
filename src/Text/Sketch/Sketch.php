<?php

declare(strict_types=1);

namespace RapidReel\Text\Sketch;

/** A script that somebody or something wrote, one sentence a line. */
final readonly class Sketch
{
    /**
     * @param  non-empty-list<string>  $sentences  the first is the hook
     * @param  list<string>  $hooks  others to try
     * @param  array<int, list<string>>  $notes  what is to be seen, by the number of the sentence
     */
    public function __construct(
        public string $title,
        public array $sentences,
        public array $hooks = [],
        public array $notes = [],
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

    /** As a script, one sentence a line, with what is to be seen under it. */
    public function text(): string
    {
        $lines = [];
        foreach ($this->sentences as $i => $sentence) {
            array_push($lines, $sentence, ...array_map(
                static fn (string $note): string => "[Show: $note]",
                $this->notes[$i] ?? [],
            ));
        }

        return implode("\n", $lines);
    }
}
