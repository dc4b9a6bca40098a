<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Results;

use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use RapidReel\Making\Publish\Results\Rate;

/** What the page of the results shows. */
final readonly class ResultsPageView
{
    /**
     * @param  list<Outlet>  $outlets
     * @param  Outlet|null  $outlet  that is looked at alone
     * @param  list<PostLine>  $lines
     * @param  array<string, int>  $days  views that came on each, by Y-m-d
     * @param  Rate|null  $whatIf  another rate that somebody asks about
     */
    public function __construct(
        public Channel $channel,
        public array $outlets,
        public ?Outlet $outlet,
        public array $lines,
        public WorksView $works,
        public array $days,
        public ?Rate $whatIf,
    ) {
    }

    /** @return list<int> the days as Unix times */
    public function times(): array
    {
        return array_map(static fn (string $day): int => (int) strtotime("$day UTC"), array_keys($this->days));
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
