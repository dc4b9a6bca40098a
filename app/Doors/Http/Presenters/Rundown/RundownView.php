<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Rundown;

use App\Doors\Http\Presenters\Axis;
use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ShortRow;

/** The rows of a batch with what is said over them. */
final readonly class RundownView
{
    /** What comes next for a batch, and so is its primary button. */
    public string $next;

    /**
     * @param  array<int, ShortRow>  $rows  by the short's id
     * @param  list<int>  $ids  of all shorts
     * @param  array<string, int>  $counts  rows in each group
     */
    public function __construct(
        public array $rows,
        public array $ids,
        public Axis $axis,
        public array $counts,
        public PageState $state,
    ) {
        $this->next = $counts['unfinished'] === 0 && $ids !== [] ? 'download' : 'export';
    }
}
