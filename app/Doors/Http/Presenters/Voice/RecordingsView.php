<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Voice;

use App\Shelves\Models\Recording;

/** What has been recorded for a short or brought, and how far it is. */
final readonly class RecordingsView
{
    /**
     * @param  bool  $isWaiting  whether words are being found
     * @param  string  $waits  what the first recording waits for; empty where a worker has it in hand
     * @param  list<Recording>  $failed
     * @param  list<Recording>  $kept
     */
    public function __construct(
        public bool $isWaiting,
        public string $waits,
        public array $failed,
        public array $kept,
    ) {
    }
}
