<?php

declare(strict_types=1);

namespace App\Media\Making;

/** How something is made, beside what it is. */
final readonly class Manner
{
    /**
     * @param  string|null  $shown  folder that is to have all that it is made with
     * @param  int|null  $threads  of an encoder; null for as many as suit what is made side by side
     */
    public function __construct(
        public ?string $shown = null,
        public ?int $threads = null,
    ) {
    }
}
