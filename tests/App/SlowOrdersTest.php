<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Exporting\ExportDesk;
use App\Doors\Jobs\PlanShort;
use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceRates;
use App\Makers\Voicing\RecordingDesk;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\RecordingState;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\DB;
use RapidReel\Making\Render\Quality;
use Symfony\Component\Process\Process;

/**
 * Orders that take five times as long as the queue waits for a silent worker, with two workers at it: done once, by
 * one, and never told as failed for having been slow. The programs they wait for are slowed down, not the tests.
 */
final class SlowOrdersTest extends AppTestCase
{
    private const RETRY_AFTER = 2;

    private string $log = '';

    private string $script = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->library();
        // Never said before, so that nothing of it is kept from an earlier run.
        $lamp = random_int(200, 999_999);
        $this->script = "Lamp $lamp went out. A boat came in at $lamp. The bell of $lamp rang.";
        $this->log = (string) tempnam(sys_get_temp_dir(), 'slow');
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), array_filter([$this->log, TEST_PLACE.'/slow.wav'], is_file(...)));
        parent::tearDown();
    }

    public function test_a_short_that_is_voiced_slowly_is_planned_once(): void
    {
        // How fast a voice is, is measured once, by many sentences.
        app(VoiceRates::class)->hear(app(VoiceBook::class)->get('linnea'));
        $short = $this->made($this->script, ['voice' => 'linnea'])->shorts[0];

        $seconds = $this->worked('plans', 'flite', '2');

        self::assertGreaterThan(5 * self::RETRY_AFTER, $seconds);
        self::assertTrue($short->refresh()->isPlanned(), (string) $short->problem);
        self::assertNull($short->problem);
        $spoken = array_filter($this->calls(), static fn (string $call): bool => str_contains($call, 'said.wav'));
        self::assertCount(count($short->scenes), $spoken, 'Nothing was spoken twice.');
    }

    public function test_an_export_that_encodes_slowly_is_made_once(): void
    {
        $short = $this->planned($this->script);
        $export = app(ExportDesk::class)->order($short, Quality::Draft);

        $seconds = $this->worked('renders', 'ffmpeg', '3');

        self::assertGreaterThan(5 * self::RETRY_AFTER, $seconds);
        self::assertSame([ExportState::Done, null], [$export->refresh()->state, $export->problem]);
        $encoded = array_filter($this->calls(), static fn (string $call): bool => str_contains($call, 'segment.mp4'));
        self::assertSame(0, $export->segments_kept);
        self::assertCount((int) $export->segments_made, $encoded, 'No segment was made twice.');
    }

    public function test_a_recording_whose_words_are_found_slowly_is_read_once(): void
    {
        $short = $this->planned($this->script);
        $read = self::media('slow.wav', '-f', 'lavfi', '-i', "flite=text='{$this->script}':voice=slt");
        $recording = app(RecordingDesk::class)->bring($short, $read, 'take.wav', '');

        $seconds = $this->worked('words', 'ffmpeg', '11');

        self::assertGreaterThan(5 * self::RETRY_AFTER, $seconds);
        self::assertSame([RecordingState::Ready, null], [$recording->refresh()->state, $recording->problem]);
        self::assertSame(count($short->scenes), $short->readings()->count());
    }

    private function planned(string $text): Short
    {
        $short = $this->made($text)->shorts[0];
        app()->call([new PlanShort($short->id), 'handle']);
        DB::table('jobs')->delete();

        return $short->refresh()->unsetRelations();
    }

    /**
     * Has two workers do all that is ordered, with a program that thinks for some seconds whenever it is called.
     *
     * @return float seconds that it took
     */
    private function worked(string $queue, string $program, string $thinks): float
    {
        $slow = TEST_PLACE."/slow-$program";
        file_put_contents($slow, "#!/bin/sh\necho \"$*\" >>'{$this->log}'\nsleep $thinks\nexec $program \"$@\"\n");
        chmod($slow, 0755);
        $given = ['REEL_RETRY_AFTER' => (string) self::RETRY_AFTER, 'REEL_'.strtoupper($program) => $slow];
        $workers = [];
        foreach ([1, 2] as $number) {
            $workers[$number] = new Process(
                ['bin/jit', 'artisan', 'queue:work', "--queue=$queue", '--sleep=0.1', '--quiet'],
                dirname(__DIR__, 2),
                $given,
            );
            $workers[$number]->start();
        }
        $began = microtime(true);
        $attempts = 1;
        try {
            while (($job = DB::table('jobs')->first()) !== null) {
                $attempts = max($attempts, (int) $job->attempts);
                self::assertLessThan(240, microtime(true) - $began, 'It is never done.');
                usleep(50_000);
            }
        } finally {
            array_map(static fn (Process $worker): ?int => $worker->stop(5), $workers);
        }
        $seconds = microtime(true) - $began;
        self::assertSame([1, 0], [$attempts, DB::table('failed_jobs')->count()], 'One worker did it, at once.');

        return $seconds;
    }

    /** @return list<string> how the slowed program was called */
    private function calls(): array
    {
        return file($this->log, FILE_IGNORE_NEW_LINES) ?: [];
    }
}
