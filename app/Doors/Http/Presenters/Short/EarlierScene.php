<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Short;

final readonly class EarlierScene
{
    /**
     * @param  string  $settings  what it had of its own, in words
     * @param  string  $pictures  their names
     */
    public function __construct(
        public string $role,
        public string $text,
        public string $settings,
        public string $pictures,
    ) {
    }
}
