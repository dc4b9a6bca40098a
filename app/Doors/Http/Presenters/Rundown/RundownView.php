<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Rundown;

use App\Doors\Http\Presenters\Axis;
use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ShortRow;

/** The rows of a batch with what is said over them. */
final readonly class RundownView
{
    /** Rows that come with the page itself. */
    private const AT_ONCE = 60;

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

    /** @return array<int, ShortRow> those that come with the page; the others follow as soon as it stands */
    public function first(): array
    {
        return array_slice($this->rows, 0, self::AT_ONCE, true);
    }

    public function isWhole(): bool
    {
        return count($this->rows) <= self::AT_ONCE;
    }
}
