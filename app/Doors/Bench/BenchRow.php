<?php

declare(strict_types=1);

namespace App\Doors\Bench;

/** One line of the table that the bench prints. */
final readonly class BenchRow
{
    private function __construct(
        public string $what,
        public string $measured,
        public string $bound,
        public bool $met,
    ) {
    }

    /** @param  string  $format  such as "%.2f s" */
    public static function atMost(string $what, float $measured, float $bound, string $format): self
    {
        return new self($what, sprintf($format, $measured), 'at most '.sprintf($format, $bound), $measured <= $bound);
    }

    /** @param  string  $format  such as "%.2f s" */
    public static function atLeast(string $what, float $measured, float $bound, string $format): self
    {
        return new self($what, sprintf($format, $measured), 'at least '.sprintf($format, $bound), $measured >= $bound);
    }
}
