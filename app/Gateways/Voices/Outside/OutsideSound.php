<?php

declare(strict_types=1);

namespace App\Gateways\Voices\Outside;

/** What a voice of another maker gave: a sound file, and where in the text it was when, if it tells. */
final readonly class OutsideSound
{
    /**
     * @param  list<array{int, int}>|null  $events  characters of the text before, and ms; null where it does not tell
     */
    public function __construct(
        public string $bytes,
        public ?array $events = null,
    ) {
    }
}
