<?php

declare(strict_types=1);

namespace Tests\App;

use App\Doors\Http\Presenters\Machine\ErrorLog;
use App\Shelves\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;

/** The page of whoever keeps the machine. */
final class MachineTest extends AppTestCase
{
    public function test_the_first_account_sees_the_machine_and_no_other_does(): void
    {
        $keeper = $this->user();
        $other = User::query()->create(['name' => 'O', 'email' => 'o@example.test', 'password' => 'a long password']);
        self::assertTrue($keeper->isKeeper());
        $this->actingAs($keeper)->get('/machine')->assertOk()->assertSee('No worker is there')->assertSee('writable');
        $this->actingAs($other)->get('/machine')->assertNotFound();
        $this->actingAs($other)->get('/password')->assertOk()->assertDontSee('>Machine<', false);
    }

    public function test_a_worker_that_waits_is_seen_and_so_is_what_one_is_at(): void
    {
        $this->actingAs($this->user());
        $worker = new Process(['bin/jit', 'artisan', 'queue:work', '--queue=nothing', '--sleep=1'], base_path());
        $worker->start();
        try {
            $seen = '';
            for ($i = 0; $i < 200 && ! str_contains($seen, 'Workers are there'); $i++) {
                usleep(50_000);
                $seen = (string) $this->get('/machine')->getContent();
            }
            self::assertStringContainsString('1 more is alive and at nothing', $seen);
        } finally {
            $worker->stop(5, SIGKILL);
        }
        // Killed, it is gone at once, and what it held is not said to be in hand.
        DB::table('jobs')->insert([
            'queue' => 'renders', 'payload' => '{"about":"export:7"}', 'attempts' => 1, 'worker' => '1-dead',
            'reserved_at' => time(), 'available_at' => time(), 'created_at' => time(),
        ]);
        $this->get('/machine')->assertSee('No worker is there')->assertDontSee('a video (7)');
    }

    public function test_what_went_wrong_is_told_by_kind_the_latest_first_and_as_text(): void
    {
        $log = TEST_PLACE.'/laravel-kinds.log';
        File::put($log, implode("\n", [
            '[2026-11-30 10:00:00] local.ERROR: Rendering 12 failed. {"exception":"[object] (X(code: 0)"}',
            '#0 /somewhere/else.php', '[2026-11-30 10:01:00] local.INFO: Nothing.',
            '[2026-11-30 10:02:00] local.ERROR: Rendering 345 failed.',
            '[2026-11-30 09:00:00] local.CRITICAL: <b>Disk</b> is gone.', "[2026-11-30 09:00:00] local.ERROR: \xFF\xFE",
        ]));
        $kinds = ErrorLog::kinds([$log, TEST_PLACE.'/not there.log']);
        self::assertSame(['Rendering 345 failed.', 2, '2026-11-30 10:02:00'], array_values($kinds[0]));
        self::assertCount(3, $kinds);
    }
}
