<?php

declare(strict_types=1);

namespace Tests\Core\Making\Publish\Schedule;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Schedule\Dealer;
use RapidReel\Making\Publish\Schedule\Dealt;
use RapidReel\Making\Publish\Schedule\PostHours;
use RapidReel\Making\Publish\Schedule\Waiting;
use RapidReel\Making\Publish\Schedule\WallClock;

final class DealerTest extends TestCase
{
    /**
     * @param  list<Waiting>  $shorts
     * @param  list<Dealt>  $standing
     * @return array<int, string> local hours by id
     */
    private static function dealt(array $shorts, PostHours $hours, string $after, array $standing = []): array
    {
        $dealt = (new Dealer(new WallClock('Europe/Berlin'), $hours))->deal(
            $shorts, new DateTimeImmutable($after), $standing,
        );

        return array_combine(
            array_map(static fn (Dealt $one): int => $one->short->id, $dealt),
            array_map(static fn (Dealt $one): string => $one->local, $dealt),
        );
    }

    /** @return list<Waiting> */
    private static function shorts(int $count): array
    {
        return array_map(static fn (int $id): Waiting => new Waiting($id), range(1, $count));
    }

    public function test_shorts_get_the_hours_in_their_order_and_days_off_get_none(): void
    {
        // 28 November 2026 is a Saturday.
        self::assertSame(
            [1 => '2026-11-27 18:00', '2026-11-30 08:00', '2026-11-30 18:00', '2026-12-01 08:00'],
            self::dealt(self::shorts(4), PostHours::read('8, 18', 'sat sun'), '2026-11-27 12:00 UTC'),
        );
    }

    public function test_fewer_a_day_than_hours_are_spread_over_them(): void
    {
        self::assertSame(['08:00', '20:00'], PostHours::read('8, 12, 16, 20', '', 2)->used());
        self::assertSame(['08:00'], PostHours::read('8, 12, 16, 20', '', 1)->used());
    }

    public function test_what_stands_on_a_day_stays_and_counts(): void
    {
        $clock = new WallClock('Europe/Berlin');
        $there = static fn (int $id, string $local): Dealt => new Dealt(new Waiting($id), $local,
            $clock->moment($local));

        self::assertSame(
            [1 => '2026-12-02 18:00', '2026-12-03 08:00'],
            self::dealt(self::shorts(2), PostHours::read('8 18'), '2026-11-30 22:00 UTC', [
                $there(8, '2026-12-01 08:00'), $there(9, '2026-12-01 13:15'), $there(7, '2026-12-02 08:00'),
            ]),
        );
    }

    public function test_what_is_alike_is_not_posted_on_one_day_and_nobody_waits_for_it(): void
    {
        $shorts = [new Waiting(1), new Waiting(2, [1]), new Waiting(3), new Waiting(4, [2])];
        self::assertSame([
            1 => '2026-12-01 08:00', 3 => '2026-12-01 18:00', 2 => '2026-12-02 08:00', 4 => '2026-12-03 08:00',
        ], self::dealt($shorts, PostHours::read('8 18'), '2026-12-01 00:00 UTC'));
    }

    public function test_a_hundred_shorts_of_two_families_are_dealt_apart(): void
    {
        $shorts = array_map(static fn (int $id): Waiting => new Waiting(
            $id, array_values(array_filter(range(1, 100), static fn (int $one): bool => $one % 2 === $id % 2)),
        ), range(1, 100));
        $hours = self::dealt($shorts, PostHours::read('6, 9, 12, 15'), '2026-03-01 00:00 UTC');
        self::assertCount(100, $hours);
        $days = [];
        foreach ($hours as $id => $local) {
            $days[substr($local, 0, 10)][] = $id % 2;
        }
        foreach ($days as $day) {
            self::assertSame(count($day), count(array_unique($day)), 'One of each family a day.');
        }
    }

    #[TestWith(['25:00', 'not an hour of the day'])]
    #[TestWith(['', 'one to 24 hours'])]
    #[TestWith(['noon', 'not an hour of the day'])]
    public function test_what_is_no_hour_is_told(string $hours, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        PostHours::read($hours);
    }

    #[TestWith(['8', 'mon tue wed thu fri sat sun', 1, 'all seven days off'])]
    #[TestWith(['8', 'someday', 1, 'not a day of the week'])]
    #[TestWith(['8', '', 2, '2 a day need as many hours; 1 is set'])]
    public function test_what_cannot_be_kept_is_told(string $hours, string $off, int $perDay, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        PostHours::read($hours, $off, $perDay);
    }

    #[TestWith(['2026-02-30 08:00'])]
    #[TestWith(['2026-11-30 24:00'])]
    #[TestWith(['tomorrow'])]
    public function test_what_is_no_moment_is_told(string $local): void
    {
        $this->expectException(Refusal::class);
        (new WallClock('UTC'))->moment($local);
    }

    public function test_a_place_that_is_none_is_told(): void
    {
        $this->expectException(Refusal::class);
        new WallClock('Middle/Earth');
    }
}
