<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Finished files on another disk, what each export was made of, and what is set for the whole installation. */
    public function up(): void
    {
        if (! Schema::hasColumn('exports', 'moved_to')) {
            Schema::table('exports', static function (Blueprint $table): void {
                $table->string('moved_to')->nullable();
            });
        }
        if (! Schema::hasTable('export_parts')) {
            Schema::create('export_parts', static function (Blueprint $table): void {
                $table->foreignId('export_id')->primary()->constrained()->cascadeOnDelete();
                $table->text('keys');
            });
        }
        if (! Schema::hasTable('machine_settings')) {
            Schema::create('machine_settings', static function (Blueprint $table): void {
                $table->string('name', 40)->primary();
                $table->integer('value');
                $table->timestamps();
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('machine_settings');
        Schema::dropIfExists('export_parts');
        Schema::table('exports', static fn (Blueprint $table) => $table->dropColumn('moved_to'));
    }
};
