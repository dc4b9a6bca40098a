<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Voice;

use App\Doors\Http\Presenters\ScopeControl;
use App\Shelves\Models\Recording;
use App\Shelves\Models\Short;

final readonly class VoicePageView
{
    /** How many scenes have a reading that is not used yet. */
    public int $offered;

    /**
     * @param  list<VoiceLine>  $scenes
     * @param  string  $saved  seconds of dead air that are cut
     * @param  bool  $isWaiting  whether words are being found
     * @param  string  $waits  what the first recording waits for; empty where a worker has it in hand
     * @param  list<Recording>  $failed
     * @param  list<Recording>  $kept
     * @param  array<string, ScopeControl>  $controls  of the short, by key
     */
    public function __construct(
        public Short $short,
        public array $scenes,
        public string $saved,
        public bool $isWaiting,
        public string $waits,
        public array $failed,
        public array $kept,
        public bool $isWorking,
        public array $controls,
        public ?string $undo,
        public ?string $redo,
    ) {
        $this->offered = count(array_filter($scenes, static fn (VoiceLine $line): bool => $line->offered !== null));
    }
}
