<?php

declare(strict_types=1);

namespace Tests\App\Faults;

use App\Desks\Exporting\ExportClaim;
use App\Desks\Exporting\TakenOver;
use App\Media\Process\EncoderSlots;
use App\Media\Store\KeyedLock;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Recording;
use App\Shelves\Models\RecordingState;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** Who has what is worked at: one at a time, whoever was stopped, killed or away. */
final class OwnersTest extends FaultCase
{
    public function test_a_worker_that_was_stopped_comes_back_and_touches_nothing(): void
    {
        // The first encoder of the first worker waits long enough to be overtaken.
        $shim = $this->ffmpeg('case "$*" in *segment.mp4*) mkdir "$calls.first" 2>/dev/null && sleep 2;; esac');
        $export = $this->order($this->short());
        $first = $this->worker(['REEL_FFMPEG' => $shim]);
        self::until(static fn (): bool => $export->refresh()->state === ExportState::Running && is_dir(
            dirname($shim).'/calls.first',
        ));
        $first->signal(SIGSTOP);

        $this->worker();
        self::until(static fn (): bool => $export->refresh()->state === ExportState::Done);
        $finished = [filemtime($this->video($export)), $export->finished_at, $export->owner];
        $first->signal(SIGCONT);
        // Done with what it was at, it takes the next order.
        $next = $this->order($this->short('# Bell'."\nThe bell rang twice. Nobody came."));
        self::until(static fn (): bool => $next->refresh()->state === ExportState::Done);
        clearstatcache();

        $export->refresh();
        self::assertSame(ExportState::Done, $export->state);
        self::assertEquals($finished, [filemtime($this->video($export)), $export->finished_at, $export->owner]);
        self::assertSame(2, $export->owner);
        self::assertSame(0, DB::table('failed_jobs')->count());
    }

    public function test_what_a_worker_lost_it_can_neither_end_nor_call_off(): void
    {
        $export = $this->order($this->short());
        $away = ExportClaim::take($export);
        $mine = ExportClaim::take($export);
        self::assertNotNull($away);
        self::assertNotNull($mine);

        foreach ([
            static fn () => $away->write(['percent' => 7]),
            static fn () => $away->finish(static fn (): array => self::fail('It is not its to end.')),
            static fn () => $away->state(),
        ] as $attempt) {
            try {
                $attempt();
                self::fail('Another has it.');
            } catch (TakenOver) {
                $away->handBack();
            }
        }
        self::assertSame([ExportState::Running, 0], [$export->refresh()->state, $export->percent]);
        $mine->finish(static fn (): array => ['state' => ExportState::Done]);
        self::assertSame(ExportState::Done, $export->refresh()->state);
    }

    public function test_an_order_taken_up_by_another_is_not_taken_away_from_that_one(): void
    {
        $this->order($this->short());
        $queue = app('queue')->connection();
        $away = $queue->pop('renders');
        // It is of another machine, of which nothing is known here.
        DB::table('jobs')->update(['reserved_at' => 1, 'worker' => null]);
        $mine = $queue->pop('renders');

        $away->delete();
        self::assertSame(1, DB::table('jobs')->count());
        $away->release();
        self::assertSame([1, 2], [DB::table('jobs')->count(), (int) DB::table('jobs')->value('attempts')]);
        $mine->delete();
        self::assertSame(0, DB::table('jobs')->count());
    }

    public function test_a_stopped_process_holds_neither_an_encoders_place_nor_a_key(): void
    {
        $folder = storage_path('locks/'.bin2hex(random_bytes(4)));
        $holder = new Process(['php', '-r', sprintf(
            'require "vendor/autoload.php"; (require "bootstrap/app.php")
                ->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
            $slots = new App\Media\Process\EncoderSlots(%1$s, 1); $slots->take();
            (new App\Media\Store\KeyedLock(%1$s))->hold("a", function () { echo "held"; sleep(60); });',
            var_export($folder, true),
        )], base_path());
        $holder->start();
        self::until(static fn (): bool => str_contains($holder->getOutput(), 'held'));
        $slots = new EncoderSlots($folder, 1);
        self::assertNull($slots->take());

        $holder->signal(SIGSTOP);
        self::assertSame(0, self::until(static fn (): array => array_filter(
            [$slots->take()],
            static fn (?int $slot): bool => $slot !== null,
        ))[0]);
        self::assertSame(7, (new KeyedLock($folder))->hold('a', static fn (): int => 7));
        $holder->signal(SIGCONT);
        self::assertNull((new EncoderSlots($folder, 1))->take(), 'Whoever took it has it, not the one before.');
        $holder->stop(0);
    }

    public function test_the_same_content_for_two_exports_at_once_is_made_once(): void
    {
        $shim = $this->ffmpeg('case "$*" in *segment.mp4*) echo one >>"$calls"; sleep 0.5;; esac');
        $first = $this->short();
        $second = $this->short();
        $exports = [$this->order($first), $this->order($second)];
        foreach ([1, 2] as $number) {
            $this->worker(['REEL_FFMPEG' => $shim]);
        }
        foreach ($exports as $export) {
            self::until(static fn (): bool => $export->refresh()->state === ExportState::Done);
        }

        $made = array_sum(array_map(static fn (Export $export): int => (int) $export->segments_made, $exports));
        self::assertCount($made, self::calls($shim));
        self::assertSame($made, (int) $exports[0]->segments_made + (int) $exports[0]->segments_kept);
    }

    public function test_rows_that_no_order_knows_of_are_ordered_again(): void
    {
        $planned = $this->short();
        $export = $this->order($planned);
        $unplanned = $this->made('The gull came back. It always does.')->shorts[0];
        $recording = Recording::query()->forceCreate([
            'short_id' => $planned->id,
            'text' => 'The lamp went out.',
            'name' => 'read.wav',
            'path' => 'nowhere',
            'state' => RecordingState::Waiting,
        ]);
        DB::table('jobs')->delete();

        $this->work();

        self::assertSame(ExportState::Done, $export->refresh()->state);
        self::assertTrue($unplanned->refresh()->isPlanned());
        self::assertSame(RecordingState::Failed, $recording->refresh()->state);
        self::assertSame(0, DB::table('jobs')->count());
    }
}
