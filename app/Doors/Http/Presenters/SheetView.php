<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use App\Shelves\Models\Short;

final readonly class SheetView
{
    /**
     * @param  string  $lead  who reads it, for which target, and when it is to be out
     * @param  list<SceneLine>  $scenes
     * @param  array<string, ScopeControl>  $controls  of the short, by key
     * @param  list<HistoryLine>  $history
     */
    public function __construct(
        public Short $short,
        public ShortRow $row,
        public string $lead,
        public array $scenes,
        public array $controls,
        public ?string $undo,
        public ?string $redo,
        public array $history,
    ) {
    }
}
