<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

/** Somebody who can read scripts. */
final readonly class Voice
{
    /**
     * @param  string  $engine  the synthesiser's own name for it
     * @param  int  $pitch  0…99, the synthesiser's scale
     * @param  int  $rate  words a minute
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $language,
        public string $accent,
        public string $register,
        public string $engine,
        public int $pitch,
        public int $rate,
    ) {
    }

    /** All that can change a sample of what it says. */
    public function fingerprint(): string
    {
        return "{$this->engine}/{$this->pitch}/{$this->rate}";
    }
}
