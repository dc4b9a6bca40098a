<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Edits made together are one act; orders that wait were written under the former names of their classes. */
    public function up(): void
    {
        if (Schema::hasColumn('edits', 'stroke')) {
            Schema::table('edits', static fn (Blueprint $table) => $table->renameColumn('stroke', 'act'));
        }
        foreach (DB::table('jobs')->get(['id', 'payload']) as $job) {
            $payload = json_decode((string) $job->payload, true, flags: JSON_THROW_ON_ERROR);
            $command = (string) ($payload['data']['command'] ?? '');
            if (preg_match('/^O:\d+:"App\\\\Jobs\\\\(\w+)"/', $command, $found) !== 1) {
                continue;
            }
            $class = "App\\Doors\\Jobs\\$found[1]";
            $payload['displayName'] = $payload['data']['commandName'] = $class;
            $payload['data']['command'] = sprintf('O:%d:"%s"', strlen($class), $class)
                .substr($command, strlen($found[0]));
            DB::table('jobs')->where('id', $job->id)->update(['payload' => json_encode($payload)]);
        }
    }
};
