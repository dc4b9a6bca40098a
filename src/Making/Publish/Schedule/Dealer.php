<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Schedule;

use DateTimeImmutable;
use RapidReel\Base\Refusal;

/** Deals shorts over days: each at the first free hour at which nothing like it is posted the same day. */
final readonly class Dealer
{
    /** Days looked at before it is said that there is no end to it. */
    private const MOST_DAYS = 3_660;

    public function __construct(
        private WallClock $clock,
        private PostHours $hours,
    ) {
    }

    /**
     * @param  list<Waiting>  $shorts  whichever comes first gets the earlier hour
     * @param  DateTimeImmutable  $after  nothing is dealt before it
     * @param  list<Dealt>  $standing  what is planned already, and stays where it is
     * @return list<Dealt> in the order of their hours
     *
     * @throws Refusal where the days of many years would not do
     */
    public function deal(array $shorts, DateTimeImmutable $after, array $standing = []): array
    {
        $taken = [];
        $byDay = [];
        foreach ($standing as $one) {
            $taken[$one->local] = true;
            $byDay[substr($one->local, 0, 10)][] = $one->short;
        }
        $dealt = [];
        $day = new DateTimeImmutable($this->clock->day($after).' 00:00 UTC');
        for ($days = 0; $shorts !== [] && $days < self::MOST_DAYS; $days++, $day = $day->modify('+1 day')) {
            $date = $day->format('Y-m-d');
            // A day that has its number already, at whatever hours, gets no more.
            $room = $this->hours->perDay - count($byDay[$date] ?? []);
            if ($this->hours->isOff((int) $day->format('N'))) {
                continue;
            }
            foreach ($this->hours->used() as $hour) {
                $local = "$date $hour";
                $moment = $this->clock->moment($local);
                if ($room <= 0 || isset($taken[$local]) || $moment <= $after) {
                    continue;
                }
                $next = self::firstApart($shorts, $byDay[$date] ?? []);
                if ($next === null) {
                    break;
                }
                $byDay[$date][] = $shorts[$next];
                $dealt[] = new Dealt($shorts[$next], $local, $moment);
                array_splice($shorts, $next, 1);
                $room--;
            }
        }
        if ($shorts !== []) {
            throw new Refusal('There are not enough days for so many shorts.');
        }

        return $dealt;
    }

    /**
     * @param  list<Waiting>  $shorts
     * @param  list<Waiting>  $day
     */
    private static function firstApart(array $shorts, array $day): ?int
    {
        foreach ($shorts as $number => $short) {
            foreach ($day as $other) {
                if ($short->isApartFrom($other)) {
                    continue 2;
                }
            }

            return $number;
        }

        return null;
    }
}
