<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Results;

use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use RapidReel\Making\Publish\Results\Rate;
use RapidReel\Making\Publish\Results\Spread;
use RapidReel\Making\Publish\Results\Variants;

/** What the page of the results shows. */
final readonly class ResultsPageView
{
    /**
     * @param  list<Outlet>  $outlets
     * @param  Outlet|null  $outlet  that is looked at alone
     * @param  list<PostLine>  $lines
     * @param  array<string, list<GroupBar>>  $factors  by their labels
     * @param  list<Variants>  $variants
     * @param  array<string, int>  $days  views that came on each, by Y-m-d
     * @param  string  $rate  what-if: as it is typed; empty where nobody asks
     */
    public function __construct(
        public Channel $channel,
        public array $outlets,
        public ?Outlet $outlet,
        public array $lines,
        public ?Spread $all,
        public array $factors,
        public array $variants,
        public array $days,
        public string $rate,
        public ?Rate $whatIf,
    ) {
    }

    public function views(): int
    {
        return array_sum(array_map(static fn (PostLine $one): int => $one->last->views ?? 0, $this->lines));
    }

    /** @return array<string, int> millionths by currency */
    private function earned(): array
    {
        $sums = [];
        foreach ($this->lines as $line) {
            $sums[$line->currency()] = ($sums[$line->currency()] ?? 0) + $line->earned();
        }

        return $sums;
    }

    public function lead(): string
    {
        if ($this->lines === []) {
            return 'Nothing was posted yet.';
        }
        $earned = array_map(Rate::says(...), array_values($this->earned()), array_keys($this->earned()));

        return sprintf(
            '%s posted · %s views · %s', count($this->lines), number_format($this->views()), implode(' and ', $earned),
        );
    }

    /** What all views would have brought at another rate. */
    public function wouldBe(): string
    {
        return $this->whatIf === null ? '' : sprintf(
            'At %s for 1,000 views it would be %s.', $this->whatIf->currency.' '.$this->whatIf->written(),
            Rate::says($this->whatIf->earned($this->views()), $this->whatIf->currency),
        );
    }
}
