<?php

declare(strict_types=1);

namespace Tests\App;

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
}
