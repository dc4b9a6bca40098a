<?php

declare(strict_types=1);

namespace App\Ground\Database;

use Illuminate\Database\Events\MigrationsStarted;
use Illuminate\Support\Facades\DB;
use Throwable;

/** A copy of the database beside it, made before it is brought to a newer version. */
final class UpgradeCopy
{
    private const KEPT = 3;

    public function handle(MigrationsStarted $started): void
    {
        $database = (string) DB::connection()->getDatabaseName();
        if ($started->method !== 'up' || ! is_file($database) || filesize($database) === 0) {
            return;
        }
        try {
            $last = (string) DB::table('migrations')->max('migration');
        } catch (Throwable) {
            // There is nothing in it yet.
            return;
        }
        $copy = "$database.before-upgrade-of-$last";
        if ($last === '' || is_file($copy) || disk_free_space(dirname($database)) < 2 * (int) filesize($database)) {
            return;
        }
        @unlink("$copy.part");
        DB::connection()->getPdo()->exec('VACUUM INTO '.DB::connection()->getPdo()->quote("$copy.part"));
        rename("$copy.part", $copy);
        $copies = glob("$database.before-*") ?: [];
        usort($copies, static fn (string $one, string $other): int => filemtime($other) <=> filemtime($one));
        array_map(unlink(...), array_slice($copies, self::KEPT));
    }
}
