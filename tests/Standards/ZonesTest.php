<?php

declare(strict_types=1);

namespace Tests\Standards;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Making\Publish\Schedule\WallClock;
use Symfony\Component\Process\Process;

/**
 * Hours of the day as moments: RFC 5545, section 3.3.5, and another library with a zone database of its own
 * (luxon).
 */
final class ZonesTest extends TestCase
{
    private const ZONES = [
        'Europe/Berlin', 'Europe/Lisbon', 'America/New_York', 'America/St_Johns', 'Australia/Lord_Howe',
        'Pacific/Auckland', 'America/Santiago', 'Asia/Kolkata', 'Africa/Cairo', 'UTC',
    ];

    /** Half hours of the night of every day of a year in ten zones: 43,800 of them. */
    public function test_every_half_hour_of_every_night_is_the_moment_that_another_library_finds(): void
    {
        $asked = $ours = [];
        foreach (self::ZONES as $zone) {
            $clock = new WallClock($zone);
            for ($day = new DateTimeImmutable('2026-11-01'); $day < new DateTimeImmutable('2027-11-01');
                $day = $day->modify('+1 day')) {
                foreach (['00:00', '00:30', '01:00', '01:30', '02:00', '02:15', '02:30', '03:00', '03:30', '04:00',
                    '12:00', '23:30'] as $hour) {
                    $local = $day->format('Y-m-d')." $hour";
                    $asked[] = [$zone, $local];
                    $ours[] = $clock->moment($local)->format('Y-m-d\TH:i:s.000\Z');
                }
            }
        }
        $node = new Process(['node', __DIR__.'/zones.mjs'], input: json_encode($asked, JSON_THROW_ON_ERROR));
        $theirs = json_decode($node->mustRun()->getOutput(), true, 512, JSON_THROW_ON_ERROR);
        self::assertCount(43_800, $theirs);
        self::assertSame([], array_filter(array_map(
            static fn (array $pair, string $own, string $other): string => $own === $other
                ? '' : "{$pair[0]} {$pair[1]}: $own, not $other",
            $asked, $ours, $theirs,
        )));
    }

    // Changes of 2026 and 2027 as the zone database has them.
    #[TestWith(['Europe/Berlin', '2027-03-28 02:30', '2027-03-28T01:30:00Z', '03:30'])]
    #[TestWith(['Europe/Berlin', '2027-10-31 02:30', '2027-10-31T00:30:00Z', '02:30'])]
    #[TestWith(['America/New_York', '2027-03-14 02:30', '2027-03-14T07:30:00Z', '03:30'])]
    #[TestWith(['America/New_York', '2026-11-01 01:30', '2026-11-01T05:30:00Z', '01:30'])]
    #[TestWith(['Australia/Lord_Howe', '2027-10-03 02:15', '2027-10-02T15:45:00Z', '02:45'])]
    public function test_an_hour_that_is_missing_and_one_that_comes_twice(
        string $zone,
        string $local,
        string $moment,
        string $seen,
    ): void {
        $clock = new WallClock($zone);
        self::assertSame($moment, $clock->moment($local)->format('Y-m-d\TH:i:s\Z'));
        self::assertSame($seen, substr($clock->local($clock->moment($local)), 11));
    }
}
