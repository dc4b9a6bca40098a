<?php

declare(strict_types=1);

namespace RapidReel\Base\Typeface;

/** Letters that one face draws. */
final readonly class Run
{
    /** @param  string  $face  its id */
    public function __construct(
        public string $text,
        public string $face,
    ) {
    }
}
