<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

/** Between which two numbers something lies, as far as can be told. */
final readonly class Interval
{
    public function __construct(
        public float $from,
        public float $to,
    ) {
    }

    public function holds(float $value): bool
    {
        return $value >= $this->from && $value <= $this->to;
    }
}
