<?php

declare(strict_types=1);

namespace RapidReel\Script;

/**
 * A script after clean-up: every character of the source is in one of its runs, spoken or not.
 */
final readonly class Script
{
    public const MOST_WORDS = 2_000;

    /**
     * @param  list<list<ScriptRun>>  $lines
     */
    public function __construct(
        public string $title,
        public array $lines,
    ) {
    }

    /** The spoken words alone: runs of a line joined by a space, lines by a line break, empty lines kept once. */
    public function spoken(): string
    {
        $lines = [];
        foreach ($this->lines as $runs) {
            $spoken = array_filter($runs, static fn (ScriptRun $run): bool => $run->kind->isSpoken());
            $text = implode(' ', array_map(static fn (ScriptRun $run): string => trim($run->text), $spoken));
            $lines[] = trim((string) preg_replace('/\s+/u', ' ', $text));
        }

        return trim((string) preg_replace('/\n{3,}/', "\n\n", implode("\n", $lines)));
    }
}
