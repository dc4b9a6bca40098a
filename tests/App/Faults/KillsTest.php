<?php

declare(strict_types=1);

namespace Tests\App\Faults;

use App\Doors\Http\Presenters\Axis;
use App\Doors\Http\Presenters\ShortRow;
use App\Ground\Work\DiskRoom;
use App\Media\Process\MediaTools;
use App\Shelves\Models\ExportState;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** Programs that are killed, an application that is stopped, a disk that is full. */
final class KillsTest extends FaultCase
{
    public function test_an_encoder_that_is_killed_is_started_again(): void
    {
        $short = $this->short();
        $shim = $this->ffmpeg('case "$*" in *segment.mp4*|*mix.m4a*|*concat*) echo one >>"$calls"
            [ $(grep -c . "$calls") -le 3 ] && kill -KILL $$;; esac');
        config(['reel.ffmpeg' => $shim]);
        app()->forgetInstance(MediaTools::class);
        $export = $this->exported($short);

        self::assertSame([ExportState::Done, null], [$export->state, $export->problem]);
        self::assertWhole($this->video($export), (int) round($export->duration_ms * 30 / 1000));
        self::assertGreaterThan(3, count(self::calls($shim)));
    }

    public function test_what_fails_twice_in_the_same_way_is_told_without_what_the_program_said(): void
    {
        $shim = $this->ffmpeg('case "$*" in *segment.mp4*) echo one >>"$calls"
            echo "[vost#0:0/libx264 @ 0x55d0] Error initializing output stream" >&2; exit 1;; esac');
        config(['reel.ffmpeg' => $shim]);
        app()->forgetInstance(MediaTools::class);
        $export = $this->exported($this->short());

        self::assertSame(ExportState::Failed, $export->state);
        self::assertSame(
            'Rendering a shot failed twice in the same way. What the program said is in the log.',
            $export->problem,
        );
        self::assertLessThanOrEqual(4, count(self::calls($shim)));
    }

    public function test_an_application_that_is_stopped_hands_its_exports_back_within_seconds(): void
    {
        $shim = $this->ffmpeg('case "$*" in *segment.mp4*) echo one >>"$calls"; sleep 30;; esac');
        $export = $this->order($this->short());
        $worker = $this->worker(['REEL_FFMPEG' => $shim]);
        self::until(static fn (): bool => self::calls($shim) !== []);

        $began = microtime(true);
        // As a terminal and a service manager do it: everything that belongs to it.
        posix_kill(-(int) $worker->getPid(), SIGTERM);
        self::until(static fn (): bool => ! $worker->isRunning(), 20);
        self::assertLessThan(20, microtime(true) - $began);

        $job = DB::table('jobs')->first();
        self::assertSame([ExportState::Queued, null], [$export->refresh()->state, $export->problem]);
        self::assertEquals([0, null], [$job?->attempts, $job?->reserved_at]);
        $this->work();
        self::assertSame(ExportState::Done, $export->refresh()->state);
    }

    public function test_while_the_disk_is_full_work_waits_and_goes_on_by_itself(): void
    {
        $short = $this->short();
        $export = $this->order($short);
        $worker = $this->worker(['REEL_LEAST_FREE' => (string) PHP_INT_MAX]);
        config(['reel.least_free_bytes' => PHP_INT_MAX]);
        app()->forgetInstance(DiskRoom::class);
        $this->get("/batches/{$short->batch_id}")->assertOk()->assertSee('The disk is full');
        $this->postJson('/footage', ['files' => [
            new UploadedFile(self::clip('new.mp4', 3, '320x240'), 'new.mp4', test: true),
        ]])->assertOk()->assertJsonPath('added', []);
        self::assertTrue($worker->isRunning());
        self::assertSame(ExportState::Queued, $export->refresh()->state);
        $worker->stop(5);

        config(['reel.least_free_bytes' => 1]);
        app()->forgetInstance(DiskRoom::class);
        $this->work();
        self::assertSame(ExportState::Done, $export->refresh()->state);
    }

    public function test_a_disk_that_fills_up_in_the_middle_fails_nothing(): void
    {
        $shim = $this->ffmpeg('case "$*" in *segment.mp4*) echo one >>"$calls"
            [ $(grep -c . "$calls") -le 2 ] && { echo "segment.mp4: No space left on device" >&2; exit 228; };; esac');
        $short = $this->short();
        $export = $this->order($short);
        $this->worker(['REEL_FFMPEG' => $shim]);
        self::until(static fn (): bool => count(self::calls($shim)) >= 1 &&
            $export->refresh()->state === ExportState::Queued);

        self::assertSame('waiting for room on the disk', ShortRow::of(
            $short->refresh()->load(['latestExport', 'latestDone']),
            Axis::over([]),
        )->state);
        self::until(static fn (): bool => $export->refresh()->state === ExportState::Done);
        self::assertNull($export->problem);
        self::assertSame(0, DB::table('failed_jobs')->count());
    }

    public function test_a_page_answers_when_nothing_can_be_written(): void
    {
        $this->get('/')->assertOk();
        // As the database says it.
        DB::listen(static fn () => throw new \RuntimeException('SQLSTATE[HY000]: 13 database or disk is full'));

        $this->get('/')->assertStatus(507)->assertSee('The disk is full')->assertDontSee('SQLSTATE');
        $this->postJson('/channels', ['name' => 'More'])->assertStatus(507)
            ->assertJsonPath('message', app(DiskRoom::class)->sentence());
        DB::connection()->getEventDispatcher()?->forget(\Illuminate\Database\Events\QueryExecuted::class);
    }

    public function test_a_log_that_cannot_be_written_stops_nothing(): void
    {
        config(['logging.channels.daily.path' => '/proc/nowhere/reel.log']);
        app('log')->forgetChannel('stack');
        app('log')->forgetChannel('daily');

        report(new \RuntimeException('Nobody hears this.'));
        self::assertSame(ExportState::Done, $this->exported($this->short())->state);
    }
}
