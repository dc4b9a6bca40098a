<?php

declare(strict_types=1);

namespace Tests\Core\Pictures\Matte;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Colour\CubeTable;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Matte\Behind;
use RapidReel\Pictures\Matte\BehindKind;
use RapidReel\Pictures\Matte\GroundFinder;
use RapidReel\Pictures\Matte\Grounds;
use RapidReel\Pictures\Matte\Matte;
use RapidReel\Pictures\Matte\MatteChoice;
use RapidReel\Pictures\Matte\MatteMaker;
use RapidReel\Pictures\Matte\MatteTables;
use RapidReel\Pictures\Matte\PlainGround;
use Tests\Support\Subjects;

/** Plain grounds are found where there are any, and tables take them away. */
final class MatteTest extends TestCase
{
    private const SIDE = [72, 128];

    /** @return array<string, array{array{int, int, int}, float}> */
    public static function grounds(): array
    {
        return [
            'green' => [[40, 176, 70], 0.1],
            'green, in half the light at one side' => [[60, 200, 90], 0.5],
            'blue' => [[30, 70, 190], 0.1],
            'white paper' => [[240, 240, 236], 0.05],
        ];
    }

    /** @param  array{int, int, int}  $colour */
    #[DataProvider('grounds')]
    public function test_the_colour_of_a_plain_ground_is_found(array $colour, float $uneven): void
    {
        [$width, $height] = self::SIDE;
        $pictures = array_map(
            static fn (int $i): string => (new Subjects($width, $height, $colour, 4, $uneven, 0.03 * $i))->picture,
            [-2, 0, 3],
        );
        $ground = GroundFinder::of($pictures, $width, $height);
        self::assertNotNull($ground);
        foreach ($colour as $i => $value) {
            self::assertEqualsWithDelta($value * (1 - $uneven / 2), $ground->colours[0][$i], 12 + $value * $uneven / 2);
        }
        self::assertNotSame([], $ground->subject);
        self::assertSame($ground->toArray(), PlainGround::fromArray($ground->toArray())->toArray());
    }

    public function test_pictures_without_a_plain_ground_have_none(): void
    {
        [$width, $height] = self::SIDE;
        $picture = static function (callable $colour) use ($width, $height): string {
            $bytes = '';
            for ($y = 0; $y < $height; $y++) {
                for ($x = 0; $x < $width; $x++) {
                    $bytes .= implode('', array_map(chr(...), $colour($x / $width, $y / $height)));
                }
            }

            return $bytes;
        };
        mt_srand(3);
        $all = [
            // A sky that gets brighter towards a dark sea.
            $picture(static fn (float $x, float $y): array => $y > 0.6
                ? [20, 40, 60] : [(int) (60 + 180 * $y), (int) (90 + 150 * $y), (int) (140 + 100 * $y)]),
            // Leaves and bark.
            $picture(static fn (float $x, float $y): array => mt_rand(0, 2) === 0
                ? [mt_rand(70, 110), mt_rand(50, 80), 40] : [mt_rand(20, 70), mt_rand(60, 150), mt_rand(10, 50)]),
            $picture(static fn (float $x, float $y): array => [(int) (255 * $x), (int) (255 * $y), 120]),
        ];
        foreach ($all as $i => $one) {
            self::assertNull(GroundFinder::of([$one], $width, $height), "picture $i");
        }
        // Green at first, then something else: no ground all the time.
        $green = (new Subjects($width, $height, [40, 176, 70], 4, 0.0))->picture;
        self::assertNull(GroundFinder::of([$green, $all[2], $all[0]], $width, $height));
    }

    public function test_a_colour_that_is_said_is_taken_and_not_looked_for(): void
    {
        [$width, $height] = self::SIDE;
        $picture = (new Subjects($width, $height, [40, 176, 70], 4, 0.0))->picture;
        $ground = GroundFinder::of([$picture], $width, $height, [40, 176, 70]);
        self::assertNotNull($ground);
        self::assertEqualsWithDelta(176, $ground->colours[0][1], 8);
        self::assertNull(GroundFinder::of([$picture], $width, $height, [255, 0, 255]));
    }

    public function test_the_tables_leave_the_subject_take_the_ground_and_its_light_away(): void
    {
        $ground = new PlainGround([[40, 176, 70], [34, 150, 60]], [[210, 160, 130], [60, 40, 70]], 8);
        [$much, $clean] = array_map(CubeTable::read(...), MatteTables::of($ground, 100));
        $at = static fn (CubeTable $table, int ...$rgb): array => $table->at(
            ...array_map(static fn (int $one): float => $one / 255, $rgb),
        );
        self::assertLessThan(0.05, $at($much, 40, 176, 70)[0]);
        self::assertLessThan(0.05, $at($much, 37, 163, 65)[0]);
        self::assertGreaterThan(0.95, $at($much, 210, 160, 130)[0]);
        self::assertGreaterThan(0.95, $at($much, 60, 40, 70)[0]);
        // Half of the one over half of the other.
        self::assertEqualsWithDelta(0.5, $at($much, 125, 168, 100)[0], 0.12);
        // Skin in green light is skin again, as bright as it was.
        [$red, $green, $blue] = $at($clean, 190, 185, 125);
        self::assertLessThan($red, $green);
        self::assertEqualsWithDelta((190 + 185 + 125) / 765, ($red + $green + $blue) / 3, 0.04);
        // Without taking any light off it stays as it is.
        $left = CubeTable::read(MatteTables::of($ground, 0)[1]);
        self::assertEqualsWithDelta(185 / 255, $at($left, 190, 185, 125)[1], 0.03);
    }

    public function test_what_is_put_behind_is_what_was_chosen_and_a_clip_goes_on_from_shot_to_shot(): void
    {
        $ground = new PlainGround([[40, 176, 70]], [[200, 150, 120]], 8);
        $clip = new Footage('7', FootageKind::Clip, 'abc', 1920, 1080, 4_000);
        $keyer = new MatteMaker(new class($ground) implements Grounds
        {
            public function __construct(private readonly PlainGround $ground)
            {
            }

            public function of(string $footage, ?string $colour): ?PlainGround
            {
                return $footage === 'green' ? $this->ground : null;
            }
        }, ['7' => $clip]);
        $over = static fn (string $behind): MatteChoice => new MatteChoice(null, $behind, 80, ['1F3540', '0B1418']);

        self::assertNull($keyer->of('green', null, 0));
        self::assertNull($keyer->of('meadow', $over('gradient'), 0));
        self::assertSame(BehindKind::Blur, $keyer->of('green', $over('blur'), 0)?->behind->kind);
        // One that is gone leaves two colours.
        self::assertSame(BehindKind::Gradient, $keyer->of('green', $over('99'), 0)?->behind->kind);
        $keying = $keyer->of('green', $over('7'), 5_500);
        self::assertNotNull($keying);
        self::assertSame(['abc', 1_500], [$keying->behind->footage, $keying->behind->inMs]);
        self::assertSame(3_500, $keying->from(-2_000)->behind->inMs);
        self::assertSame($keying->toArray(), Matte::fromArray($keying->toArray())?->toArray());
        // The tables do not depend on what is behind.
        self::assertSame($keying->tables(), $keyer->of('green', $over('blur'), 0)->tables());
        self::assertNotSame(
            $keying->tables(), (new Matte($ground, 20, new Behind(BehindKind::Blur, ['000000', '000000'])))->tables(),
        );
    }
}
