<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Outbox;

/** One day of the calendar. */
final readonly class CalendarDay
{
    /**
     * @param  string  $date  Y-m-d
     * @param  list<CalendarSlip>  $slips
     */
    public function __construct(
        public string $date,
        public string $label,
        public bool $isToday,
        public bool $isPast,
        public bool $beginsWeek,
        public array $slips,
    ) {
    }

    public function lanes(): int
    {
        return max([1, ...array_map(static fn (CalendarSlip $one): int => $one->lane + 1, $this->slips)]);
    }
}
