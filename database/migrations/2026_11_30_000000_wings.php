<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** Orders that wait were written under the names that their classes had before. */
    public function up(): void
    {
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
