<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

return new class extends Migration
{
    /** Changes of a library, and of the words of a house, stand in the one book of edits. */
    public function up(): void
    {
        if (! Schema::hasColumn('edits', 'part')) {
            Schema::table('edits', static fn (Blueprint $table) => $table->string('part', 16)->nullable());
        }
        if (! Schema::hasTable('library_edits')) {
            return;
        }
        foreach (DB::table('library_edits')->orderBy('id')->get() as $edit) {
            DB::table('edits')->insert([
                'channel_id' => $edit->channel_id, 'part' => 'library', 'act' => (string) Str::uuid(),
                'what' => $edit->what, 'before' => $edit->before, 'created_at' => $edit->created_at,
            ]);
        }
        Schema::drop('library_edits');
    }
};
