<?php

declare(strict_types=1);

namespace Tests\App;

use App\Ground\Work\Urgency;
use App\Media\Making\LocalMaker;
use App\Media\Process\Cancelled;
use App\Media\Process\Confinement;
use App\Media\Process\EncoderPool;
use App\Media\Process\EncoderSlots;
use App\Media\Process\EncoderWork;
use App\Media\Process\FailedOrders;
use App\Media\Process\LocalClaims;
use App\Media\Process\ToolFailed;
use App\Media\Store\KeyedLock;
use App\Media\Store\MediaStore;
use Generator;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Look;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Raster;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\FramePath;
use Symfony\Component\Process\Process;

final class EncoderPoolTest extends AppTestCase
{
    use SpeaksCuts;

    private function slots(int $count): EncoderSlots
    {
        return new EncoderSlots(storage_path('locks/'.bin2hex(random_bytes(4))), $count);
    }

    private function pool(EncoderSlots $slots): EncoderPool
    {
        return new EncoderPool(
            $slots, new LocalClaims(new KeyedLock(storage_path('locks'))), app(FailedOrders::class),
        );
    }

    /**
     * @param  list<Process>  $processes
     * @param  list<string>  $heard
     */
    private static function steps(array $processes, array &$heard, ?string $key = null): EncoderWork
    {
        return new EncoderWork(
            $key ?? bin2hex(random_bytes(8)),
            'Trying',
            static fn (): bool => false,
            static function () use ($processes, &$heard): Generator {
                foreach ($processes as $process) {
                    $heard[] = trim((yield $process)->getOutput());
                }
            },
        );
    }

    public function test_works_run_side_by_side_and_the_steps_of_one_in_order(): void
    {
        $heard = [];
        $works = [];
        foreach (['a', 'b', 'c'] as $name) {
            $works[] = self::steps([new Process(['echo', "{$name}1"]), new Process(['echo', "{$name}2"])], $heard);
        }
        $this->pool($this->slots(2))->run($works, static fn (int $frames) => null);

        self::assertEqualsCanonicalizing(['a1', 'a2', 'b1', 'b2', 'c1', 'c2'], $heard);
        foreach (['a', 'b', 'c'] as $name) {
            self::assertLessThan(array_search("{$name}2", $heard, true), array_search("{$name}1", $heard, true));
        }
        // The third begins when a slot is free.
        self::assertGreaterThan(1, array_search('c1', $heard, true));
    }

    public function test_what_fails_is_kept_as_it_was_ordered(): void
    {
        $key = bin2hex(random_bytes(8));
        $work = new EncoderWork(
            $key, 'Trying', static fn (): bool => false,
            static function (): Generator {
                yield new Process(['false']);
            },
            '{"frames": 9}',
        );
        try {
            $this->pool($this->slots(1))->run([$work], static fn (int $frames) => null);
            self::fail('It was to fail.');
        } catch (ToolFailed) {
            $kept = app(MediaStore::class)->path("failed/$key.json");
            self::assertSame('{"frames": 9}', file_get_contents($kept));
        }
    }

    public function test_frames_are_told_as_they_come(): void
    {
        $heard = [];
        $told = [];
        $this->pool($this->slots(2))->run(
            [
                self::steps([new Process(['echo', "frame=12\nfps=3\nframe=40"])], $heard),
                self::steps([new Process(['echo', 'frame=2'])], $heard),
            ],
            static function (int $frames) use (&$told): void {
                $told[] = $frames;
            },
        );

        self::assertSame(42, $told[count($told) - 1]);
    }

    public function test_one_failure_ends_the_others_and_frees_their_slots(): void
    {
        $heard = [];
        $slots = $this->slots(2);
        $long = new Process(['sleep', '60']);
        try {
            $this->pool($slots)->run(
                [self::steps([$long], $heard), self::steps([new Process(['ls', '/nowhere'])], $heard)],
                static fn (int $frames) => null,
            );
            self::fail('It should have failed.');
        } catch (ToolFailed $problem) {
            self::assertStringContainsString('/nowhere', $problem->said);
            self::assertStringNotContainsString('/nowhere', $problem->getMessage());
        }
        self::assertFalse($long->isRunning());
        self::assertNotNull($slots->take());
        self::assertNotNull($slots->take());
    }

    public function test_being_called_off_ends_what_runs(): void
    {
        $heard = [];
        $long = new Process(['sleep', '60']);
        $this->expectException(Cancelled::class);
        try {
            $this->pool($this->slots(1))->run(
                [self::steps([$long], $heard)],
                static fn (int $frames) => throw new Cancelled(),
            );
        } finally {
            self::assertFalse($long->isRunning());
        }
    }

    public function test_slots_are_shared_by_all_workers_of_a_machine(): void
    {
        $slots = $this->slots(2);
        $folder = (new \ReflectionProperty($slots, 'folder'))->getValue($slots);
        $other = new EncoderSlots($folder, 2);

        $mine = $slots->take();
        self::assertNotNull($mine);
        self::assertNotNull($other->take());
        self::assertNull($slots->take());
        self::assertNull($other->take());
        $slots->give($mine);
        self::assertNotNull($other->take());
    }

    public function test_what_is_light_begins_where_no_slot_is_free_and_gives_none_away(): void
    {
        $slots = $this->slots(1);
        self::assertNotNull($slots->take());
        $heard = [];
        $work = self::steps([new Process(['echo', 'mixed'])], $heard);
        $light = new EncoderWork($work->key, $work->doing, $work->isThere, $work->steps, isLight: true);

        self::assertSame([$work->key], $this->pool($slots)->run([$light], static fn (int $frames) => null));
        self::assertSame(['mixed'], $heard);
        self::assertNull($slots->take(), 'the slot is still held');

        // One that another process is at is waited for, and not made twice.
        $claim = (new LocalClaims(new KeyedLock(storage_path('locks'))))->claim($light, true);
        $ticks = 0;
        $isMade = false;
        $waiting = new EncoderWork(
            $light->key, 'Trying', static function () use (&$isMade): bool {
                return $isMade;
            }, $light->steps, isLight: true,
        );
        $made = $this->pool($slots)->run([$waiting], static function () use (&$ticks, &$isMade, $claim): void {
            if (++$ticks === 3) {
                $isMade = true;
                $claim?->release(isMade: true);
            }
        });
        self::assertSame([[], ['mixed']], [$made, $heard]);
        self::assertGreaterThanOrEqual(3, $ticks);
    }

    public function test_what_is_light_leaves_others_what_it_can_unless_somebody_sits_before_it(): void
    {
        $urgency = new Urgency;
        $confinement = new Confinement($urgency);
        $niceness = static fn (bool $isLight): int => (int) (new Process(
            $confinement->command(['sh', '-c', 'nice'], null, $isLight),
        ))->mustRun()->getOutput();
        $here = (int) (new Process(['nice']))->mustRun()->getOutput();

        self::assertSame([$here, $here + 5], [$niceness(false), $niceness(true)]);
        self::assertSame($here, $urgency->looked(static fn (): int => $niceness(true)));
        self::assertSame($here + 12, $urgency->background(static fn (): int => $niceness(true)));
    }

    public function test_an_encoder_has_a_core_of_its_own_or_all_where_others_would_be_idle(): void
    {
        app()->instance(EncoderSlots::class, $this->slots(2));
        app()->forgetInstance(LocalMaker::class);
        $shot = new Recipe(
            30, new Raster(1080, 1920, 30),
            new Layer(new Source('a', FootageKind::Clip, 640, 360), 0, FramePath::centred(640, 360, 9 / 16)), new Look,
            CaptionScript::none(), Quality::Final->encoder(),
        );
        $sound = MixPlan::of($this->spoken([], 'The bell rang.'));
        $maker = app(LocalMaker::class);

        self::assertSame(2, $maker->threads([$shot]));
        self::assertSame(1, $maker->threads([$shot, $sound]), 'the sound has the other');
        self::assertSame(1, $maker->threads([$shot, $shot, $sound]));
        self::assertSame(2, $maker->threads([$shot, $shot, $shot]), 'one would be left at the end');
        self::assertSame(1, $maker->threads([$shot, $shot, $shot, $shot, $shot]));
    }
}
