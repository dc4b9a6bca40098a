<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Outbox;

use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\PostState;

/** What the calendar shows. */
final readonly class CalendarPageView
{
    /**
     * @param  list<CalendarDay>  $days
     * @param  list<Outlet>  $outlets
     * @param  list<Batch>  $batches  the last ones
     */
    public function __construct(
        public Channel $channel,
        public array $days,
        public array $outlets,
        public WallTime $wall,
        public string $before,
        public string $after,
        public array $batches,
        public bool $isWorking,
    ) {
    }

    public function lead(): string
    {
        $planned = $stopped = $posted = 0;
        foreach ($this->days as $day) {
            foreach ($day->slips as $slip) {
                match ($slip->post->state) {
                    PostState::Posted => $posted++,
                    PostState::Stopped, PostState::Late => $stopped++,
                    default => $planned++,
                };
            }
        }

        return implode(' · ', array_filter([
            "$planned to leave", "$posted posted", $stopped > 0 ? "$stopped stopped" : '',
            sprintf('%s, it is %s', str_replace('_', ' ', $this->wall->zone), $this->wall->time),
        ]));
    }
}
