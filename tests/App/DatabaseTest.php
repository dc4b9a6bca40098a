<?php

declare(strict_types=1);

namespace Tests\App;

use App\Doors\Jobs\PlanShort;
use App\Ground\Work\HandedBack;
use App\Ground\Work\Stopping;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

final class DatabaseTest extends AppTestCase
{
    public function test_many_that_read_and_then_write_wait_for_each_other_and_none_is_refused(): void
    {
        $this->user();
        $program =
            'require "vendor/autoload.php"; $app = require "bootstrap/app.php"; '
                .'$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();for ($i = 0; $i < 60; $i++) { '
                .'Illuminate\Support\Facades\DB::transaction(function () { $n = (int) '
                .'Illuminate\Support\Facades\DB::table("users")->value("name"); usleep(500); '
                .'Illuminate\Support\Facades\DB::table("users")->update(["name" => (string) ($n + 1)]); }); }';
        DB::table('users')->update(['name' => '0']);
        $writers = array_map(
            static fn (): Process => new Process(['php', '-r', $program], dirname(__DIR__, 2)),
            range(1, 4),
        );
        array_map(static fn (Process $writer) => $writer->start(), $writers);
        foreach ($writers as $writer) {
            self::assertSame(0, $writer->wait(), $writer->getOutput().$writer->getErrorOutput());
        }

        self::assertSame('240', DB::table('users')->value('name'));
    }

    public function test_orders_that_wait_are_carried_out_under_the_new_names_of_their_classes(): void
    {
        $id = DB::table('jobs')->insertGetId([
            'queue' => 'plans', 'attempts' => 0, 'available_at' => 0, 'created_at' => 0,
            // As the version before wrote it.
            'payload' => json_encode([
                'uuid' => 'd7d0eedb-49b7-4e40-90a5-88929a2a66e1', 'displayName' => 'App\Jobs\PlanShort',
                'job' => 'Illuminate\Queue\CallQueuedHandler@call', 'maxTries' => 25, 'about' => 'short:12',
                'data' => [
                    'commandName' => 'App\Jobs\PlanShort',
                    'command' => 'O:18:"App\Jobs\PlanShort":2:{s:7:"shortId";i:12;s:5:"queue";s:5:"plans";}',
                ],
            ]),
        ]);
        (require database_path('migrations/2026_11_30_000000_wings.php'))->up();
        $data = json_decode((string) DB::table('jobs')->where('id', $id)->value('payload'), true)['data'];
        $order = unserialize($data['command']);

        self::assertInstanceOf(PlanShort::class, $order);
        self::assertSame([PlanShort::class, 12], [$data['commandName'], $order->shortId]);
        $this->work();
        self::assertSame(0, DB::table('jobs')->count());
        self::assertSame(0, DB::table('failed_jobs')->count());
    }

    public function test_a_worker_that_is_stopped_while_it_writes_has_written_whole_and_hands_back(): void
    {
        $user = DB::table('users')->where('id', $this->user()->id);
        DB::connection()->getPdo()->sqliteCreateFunction('stopped', static function (): string {
            posix_kill((int) getmypid(), SIGTERM);

            return 'stopped';
        });
        $statement = static fn (): int => (clone $user)->update(['name' => DB::raw('stopped()')]);
        $transaction = static fn (): mixed => DB::transaction(static function () use ($statement, $user): void {
            $statement();
            (clone $user)->update(['name' => 'all of it']);
        });
        foreach (['stopped' => $statement, 'all of it' => $transaction] as $written => $write) {
            $reached = '';
            try {
                Stopping::during(static function () use ($write, &$reached): void {
                    $write();
                    $reached = 'what comes after';
                });
            } catch (HandedBack) {
                $reached .= 'handed back';
            }

            self::assertSame([$written, 'handed back'], [(clone $user)->value('name'), $reached]);
        }
    }
}
