<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

/** What was told of a posted short at a moment, all of it counted from the beginning. */
final readonly class Point
{
    /**
     * @param  int  $at  Unix time
     * @param  float|null  $watchSeconds  watched by all viewers together
     * @param  int|null  $earned  in millionths of the currency
     */
    public function __construct(
        public int $at,
        public int $views,
        public ?int $likes = null,
        public ?float $watchSeconds = null,
        public ?int $earned = null,
        public string $currency = '',
    ) {
    }
}
