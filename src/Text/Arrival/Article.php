<?php

declare(strict_types=1);

namespace RapidReel\Text\Arrival;

/**
 * One of several articles that were copied together: its lines of the script, and how it may be told from the others.
 */
final readonly class Article
{
    public function __construct(
        public string $title,
        public int $firstLine,
        public int $lastLine,
        public int $words,
    ) {
    }
}
