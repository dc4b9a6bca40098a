<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Short;

use App\Doors\Http\Presenters\ScopeControl;
use App\Shelves\Models\Note;
use App\Shelves\Models\Scene;

/** A scene on the sheet. */
final readonly class SceneLine
{
    /** Whether anything is set for it alone. */
    public bool $hasOwn;

    /**
     * @param  int|null  $ms  where it begins; null while nobody knows
     * @param  list<ShotLine>  $shots
     * @param  int  $sentences  in it
     * @param  list<Note>  $before  that stand before its words
     * @param  list<Note>  $within  that stand among them
     * @param  array<string, ScopeControl>  $controls  by key
     */
    public function __construct(
        public Scene $scene,
        public int $number,
        public ?int $ms,
        public ?string $start,
        public ?string $seconds,
        public array $shots,
        public int $sentences,
        public array $before,
        public array $within,
        public bool $isLast,
        public array $controls,
    ) {
        $this->hasOwn = array_filter($controls, static fn (ScopeControl $control): bool => $control->isOwn) !== [];
    }
}
