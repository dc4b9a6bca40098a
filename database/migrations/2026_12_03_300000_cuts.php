<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Plans stand apart from what is told of shorts; those that are not planned are found without a look at all. */
    public function up(): void
    {
        if (! Schema::hasTable('cuts')) {
            Schema::create('cuts', static function (Blueprint $table): void {
                $table->unsignedBigInteger('short_id')->primary();
                $table->longText('cut');
                $table->foreign('short_id')->references('id')->on('shorts')->cascadeOnDelete();
            });
        }
        if (Schema::hasColumn('shorts', 'cut')) {
            DB::statement(
                'insert or ignore into cuts (short_id, cut) select id, cut from shorts where cut is not null',
            );
            DB::statement('alter table shorts drop column cut');
        }
        DB::statement('create index if not exists shorts_unplanned on shorts (id)
            where problem is null and (inputs != planned_inputs or inputs = \'\')');
        DB::statement('create index if not exists shorts_in_batches on shorts (batch_id, deleted_at)');
    }

    public function down(): void
    {
        DB::statement('drop index if exists shorts_unplanned');
        DB::statement('drop index if exists shorts_in_batches');
        Schema::table('shorts', static function (Blueprint $table): void {
            $table->longText('cut')->nullable();
        });
        DB::statement('update shorts set cut = (select cut from cuts where short_id = shorts.id)');
        Schema::dropIfExists('cuts');
    }
};
