<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Versions of shorts in other languages, orders for them, and the words that translations are held to. */
    public function up(): void
    {
        if (! Schema::hasColumn('shorts', 'version_of')) {
            Schema::table('shorts', static function (Blueprint $table): void {
                $table->foreignId('version_of')->nullable()->constrained('shorts')->nullOnDelete();
                $table->string('language', 40)->default('');
                $table->text('translated')->default('');
                $table->string('way', 20)->default('voice');
                $table->integer('behind')->default(0);
            });
        }
        // One of each language: two workers make none twice.
        DB::statement('create unique index if not exists shorts_version on shorts (version_of, language)
            where version_of is not null and deleted_at is null');
        if (! Schema::hasTable('version_orders')) {
            Schema::create('version_orders', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('short_id')->constrained()->cascadeOnDelete();
                $table->string('language', 40);
                $table->string('way', 20);
                $table->boolean('open')->default(true)->index();
                $table->string('problem', 500)->nullable();
                $table->timestamps();
            });
        }
        if (! Schema::hasColumn('outlets', 'language')) {
            Schema::table('outlets', static function (Blueprint $table): void {
                $table->string('language', 40)->default('');
            });
        }
        if (! Schema::hasTable('glossaries')) {
            Schema::create('glossaries', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('channel_id')->constrained()->cascadeOnDelete();
                $table->string('language', 40);
                $table->text('words');
                $table->timestamps();
                $table->unique(['channel_id', 'language']);
            });
        }
    }

    public function down(): void
    {
        Schema::table('outlets', static fn (Blueprint $table) => $table->dropColumn('language'));
        Schema::dropIfExists('glossaries');
        Schema::dropIfExists('version_orders');
        DB::statement('drop index if exists shorts_version');
        Schema::table('shorts', static function (Blueprint $table): void {
            $table->dropForeign(['version_of']);
            $table->dropColumn(['version_of', 'language', 'translated', 'way', 'behind']);
        });
    }
};
