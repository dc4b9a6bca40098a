<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Music;

/** What a channel without batches has to begin with, and what it still needs. */
final readonly class FirstSteps
{
    private function __construct(
        public int $footage,
        public int $music,
        public bool $hasStyle,
    ) {
    }

    public static function of(Channel $channel): self
    {
        return new self(
            Footage::at($channel)->count(),
            Music::at($channel)->count(),
            $channel->settings->own !== [],
        );
    }
}
