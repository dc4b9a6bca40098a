<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

/** Who of a synthesiser reads. */
final readonly class Speaker
{
    /**
     * @param  string  $name  the synthesiser's own name for it
     * @param  int  $pitch  0…99, the synthesiser's scale
     * @param  int  $rate  words a minute
     */
    public function __construct(
        public string $name,
        public int $pitch,
        public int $rate,
    ) {
    }
}
