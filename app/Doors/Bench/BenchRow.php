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

    /**
     * A time, bounded in units of a fixed piece of work that is timed in the same run.
     *
     * @param  float  $units  that it may take
     */
    public static function within(string $what, float $seconds, float $units, Unit $of): self
    {
        $long = $of->seconds();
        $took = $seconds / $long;

        return new self(
            $what,
            sprintf('%.3f s = %.3f %s', $seconds, $took, $of->value),
            sprintf('at most %g %s of %.2f s', $units, $of->value, $long),
            $took <= $units,
        );
    }

    /** @param  string  $format  such as "%.2f s" */
    public static function atLeast(string $what, float $measured, float $bound, string $format): self
    {
        return new self($what, sprintf($format, $measured), 'at least '.sprintf($format, $bound), $measured >= $bound);
    }
}
