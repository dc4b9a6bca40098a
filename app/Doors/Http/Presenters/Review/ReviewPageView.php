<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Review;

use App\Doors\Http\Presenters\PageState;
use App\Shelves\Models\Batch;

/** The shorts of a batch, to be looked at one after the other. */
final readonly class ReviewPageView
{
    /** @param  list<ReviewRow>  $rows */
    public function __construct(
        public Batch $batch,
        public array $rows,
        public PageState $state,
    ) {
    }

    public function lead(): string
    {
        $count = fn (string $state): int => count(array_filter(
            $this->rows, static fn (ReviewRow $row): bool => $row->state() === $state,
        ));
        $stops = count(array_filter($this->rows, static fn (ReviewRow $row): bool => $row->stops() > 0));
        $parts = [
            sprintf('%d of %d cleared', $count('cleared'), count($this->rows)),
            ...$count('back') > 0 ? [$count('back').' sent back'] : [],
            ...$count('changed') > 0 ? [$count('changed').' changed since'] : [],
            ...$stops > 0 ? ["$stops stopped by a finding"] : [],
        ];

        return implode(' · ', $parts);
    }

    /** The first that nobody has looked at as it is now. */
    public function firstOpen(): ?int
    {
        foreach ($this->rows as $row) {
            if (! in_array($row->state(), ['cleared', 'back'], true)) {
                return $row->short()->id;
            }
        }

        return isset($this->rows[0]) ? $this->rows[0]->short()->id : null;
    }
}
