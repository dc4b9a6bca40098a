<?php

declare(strict_types=1);

namespace App\Ground\Work;

/** What an order waits for, for a table and in full. */
final readonly class Waits
{
    public function __construct(
        public string $shortly,
        public string $fully,
    ) {
    }
}
