<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Voice;

use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ScopeControl;
use App\Shelves\Models\Short;

final readonly class VoicePageView
{
    /** How many scenes have a reading that is not used yet. */
    public int $offered;

    /**
     * @param  list<VoiceLine>  $scenes
     * @param  string  $saved  seconds of dead air that are cut
     * @param  array<string, ScopeControl>  $controls  of the short, by key
     */
    public function __construct(
        public Short $short,
        public array $scenes,
        public string $saved,
        public RecordingsView $recordings,
        public array $controls,
        public PageState $state,
    ) {
        $this->offered = count(array_filter($scenes, static fn (VoiceLine $line): bool => $line->offered !== null));
    }
}
