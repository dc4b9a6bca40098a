<?php

declare(strict_types=1);

namespace Tests\Core\Pictures\Framing;

use PHPUnit\Framework\TestCase;
use RapidReel\Pictures\Framing\Interest\BarrierDistance;
use RapidReel\Pictures\Framing\Interest\CameraShift;
use RapidReel\Pictures\Framing\Interest\CutWatch;
use RapidReel\Pictures\Framing\Interest\InterestMap;
use RapidReel\Pictures\Framing\Interest\InterestMeter;
use RapidReel\Pictures\Framing\Interest\SmallPicture;

final class InterestTest extends TestCase
{
    private const WIDTH = 64;

    private const HEIGHT = 36;

    /** A textured ground that moved by so much, with a bright square on it. */
    private static function picture(int $right = 0, int $down = 0, ?int $square = null, int $seed = 1): SmallPicture
    {
        $light = '';
        for ($y = 0; $y < self::HEIGHT; $y++) {
            for ($x = 0; $x < self::WIDTH; $x++) {
                $ground = self::ground($x - $right, $y - $down, $seed);
                $isIn = $square !== null && $x >= $square && $x < $square + 8 && $y >= 12 && $y < 24;
                $light .= chr((int) max(0, min(255, $isIn ? 240 : $ground)));
            }
        }

        return SmallPicture::of(
            $light.str_repeat("\x80", intdiv(self::WIDTH * self::HEIGHT, 2)),
            self::WIDTH,
            self::HEIGHT,
        );
    }

    /** Patches of light and dark that nowhere repeat. */
    private static function ground(int $x, int $y, int $seed): float
    {
        $patch = static fn (int $column, int $row): float => crc32("$seed $column $row") % 200;
        [$column, $row] = [(int) floor($x / 5), (int) floor($y / 5)];
        [$across, $down] = [$x / 5 - $column, $y / 5 - $row];
        $above = $patch($column, $row) * (1 - $across) + $patch($column + 1, $row) * $across;
        $below = $patch($column, $row + 1) * (1 - $across) + $patch($column + 1, $row + 1) * $across;

        return 20 + $above * (1 - $down) + $below * $down;
    }

    private static function peak(string $profile): float
    {
        $sum = $all = 0.0;
        foreach (str_split($profile) as $i => $byte) {
            $weight = ord($byte) ** 2;
            $sum += $weight * ($i + 0.5);
            $all += $weight;
        }

        return $sum / max(1.0, $all);
    }

    public function test_the_cameras_own_shift_is_found_whatever_moves_in_the_picture(): void
    {
        foreach ([[0, 0], [3, 0], [-5, 1], [0, 2], [7, -2]] as [$right, $down]) {
            self::assertSame(
                [$right, $down],
                CameraShift::between(self::picture(0, 0, 20), self::picture($right, $down, 26)),
                "$right, $down",
            );
        }
    }

    public function test_what_moves_by_itself_is_of_interest_while_the_camera_pans(): void
    {
        $meter = new InterestMeter;
        for ($i = 0; $i < 24; $i++) {
            $meter->see(self::picture($i, 0, 40 - $i));
        }
        $map = $meter->map(1280, 720, 125);

        self::assertSame(24, $map->moments());
        foreach ([6, 12, 18] as $moment) {
            self::assertEqualsWithDelta(44 - $moment, self::peak($map->across[$moment]), 4.0, "moment $moment");
            self::assertEqualsWithDelta(18, self::peak($map->down[$moment]), 4.0);
        }
        $json = json_encode($map->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        self::assertEquals($map, InterestMap::fromArray(json_decode($json, true)));
        self::assertNull(InterestMap::fromArray(['version' => 0]));
    }

    public function test_grain_moves_nothing(): void
    {
        mt_srand(5);
        $still = self::picture(0, 0, 40);
        $clean = new InterestMeter;
        $meter = new InterestMeter;
        for ($i = 0; $i < 16; $i++) {
            $clean->see($still);
            $light = $still->light;
            // Some pixels of each picture are lighter than they should be.
            for ($grain = 0; $grain < 3; $grain++) {
                $light[mt_rand(0, count($light) - 1)] += 12;
            }
            $meter->see(SmallPicture::of(
                pack('C*', ...$light).str_repeat("\x80", intdiv(self::WIDTH * self::HEIGHT, 2)),
                self::WIDTH,
                self::HEIGHT,
            ));
        }
        $map = $meter->map(1280, 720, 125);
        $expected = self::peak($clean->map(1280, 720, 125)->across[8]);
        foreach (range(4, 12) as $moment) {
            self::assertEqualsWithDelta($expected, self::peak($map->across[$moment]), 5.0);
        }
    }

    public function test_what_alone_holds_still_is_of_interest_and_a_still_sky_is_not(): void
    {
        $meter = new InterestMeter;
        for ($i = 0; $i < 40; $i++) {
            $light = '';
            for ($y = 0; $y < self::HEIGHT; $y++) {
                for ($x = 0; $x < self::WIDTH; $x++) {
                    $isStill = $x >= 12 && $x < 24 && $y >= 14 && $y < 26 || $y < 7;
                    $light .= chr($isStill ? 128 : (int) self::ground($x, $y, $i));
                }
            }
            $meter->see(SmallPicture::of(
                $light.str_repeat("\x80", intdiv(self::WIDTH * self::HEIGHT, 2)), self::WIDTH, self::HEIGHT,
            ));
        }
        $map = $meter->map(1280, 720, 125);

        self::assertEqualsWithDelta(18, self::peak($map->across[30]), 6.0);
        self::assertGreaterThan(14, self::peak($map->down[30]));
    }

    public function test_where_nothing_is_seen_the_middle_is_of_interest(): void
    {
        $meter = new InterestMeter;
        for ($i = 0; $i < 8; $i++) {
            $meter->see(SmallPicture::of(
                str_repeat("\x60", self::WIDTH * self::HEIGHT).str_repeat("\x80", self::WIDTH * self::HEIGHT / 2),
                self::WIDTH,
                self::HEIGHT,
            ));
        }
        $map = $meter->map(1280, 720, 125);

        self::assertEqualsWithDelta(self::WIDTH / 2, self::peak($map->across[4]), 1.0);
        self::assertGreaterThan(2 * ord($map->across[4][2]), ord($map->across[4][self::WIDTH / 2]));
    }

    public function test_what_stands_clear_of_the_border_is_far_from_it(): void
    {
        $plane = array_fill(0, 12 * 10, 50);
        foreach ([[5, 4], [6, 4], [5, 5], [6, 5]] as [$x, $y]) {
            $plane[$y * 12 + $x] = 200;
        }
        // A stripe that reaches the border is none of it.
        for ($y = 0; $y < 10; $y++) {
            $plane[$y * 12 + 9] = 220;
        }
        $distance = BarrierDistance::of($plane, 12, 10);

        self::assertSame(150, $distance[4 * 12 + 5]);
        self::assertSame(0, $distance[4 * 12 + 9]);
        self::assertSame(0, $distance[2 * 12 + 2]);
    }

    public function test_a_cut_is_seen_where_it_is_and_a_flash_and_a_pan_are_none(): void
    {
        $watch = new CutWatch;
        $begins = [];
        $flash = SmallPicture::of(
            str_repeat("\xff", self::WIDTH * self::HEIGHT).str_repeat("\x80", intdiv(self::WIDTH * self::HEIGHT, 2)),
            self::WIDTH,
            self::HEIGHT,
        );
        for ($i = 0; $i < 30; $i++) {
            $begins[] = $watch->see($i === 7 ? $flash : self::picture($i, 0, null, $i < 15 ? 1 : 4));
        }
        $begins[] = $watch->end();

        // Each answer is about the picture before.
        self::assertSame([16], array_keys(array_filter($begins)));
    }
}
