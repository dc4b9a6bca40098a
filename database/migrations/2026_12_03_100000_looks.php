<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    private const PARTS = [[1, 3], [4, 3], [7, 3], [10, 3], [13, 2], [15, 2]];

    /** Of a library of thousands that alone is read which is asked for; a file is compared with those like it. */
    public function up(): void
    {
        foreach (self::PARTS as [$from, $length]) {
            DB::statement("create index if not exists footage_look_$from on footage (substr(look, $from, $length))");
        }
        DB::statement('create index if not exists footage_collected on footage (channel_id, deleted_at, collection)');
        DB::statement("create index if not exists footage_by_hand on footage (channel_id, deleted_at, state) where
            instr(lower(tags), 'behind') or instr(lower(tags), 'opening') or instr(lower(tags), 'ending')");
        DB::statement("create index if not exists footage_unready on footage (state) where state <> 'ready'");
    }

    public function down(): void
    {
        foreach (self::PARTS as [$from]) {
            DB::statement("drop index if exists footage_look_$from");
        }
        DB::statement('drop index if exists footage_collected');
        DB::statement('drop index if exists footage_by_hand');
        DB::statement('drop index if exists footage_unready');
    }
};
