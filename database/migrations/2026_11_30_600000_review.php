<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What speaks against a short, what of that is ignored, and who has looked at it. */
    public function up(): void
    {
        if (! Schema::hasColumn('shorts', 'review')) {
            Schema::table('shorts', static fn (Blueprint $table) => $table->text('review')->nullable());
        }
        if (! Schema::hasTable('waivers')) {
            Schema::create('waivers', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('short_id')->constrained()->cascadeOnDelete();
                $table->string('finding', 60);
                $table->string('note', 1000)->default('');
                $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
                $table->timestamp('created_at')->nullable();
                $table->unique(['short_id', 'finding']);
            });
        }
        if (! Schema::hasTable('guest_links')) {
            Schema::create('guest_links', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
                $table->string('name', 80);
                $table->string('token', 64)->unique();
                $table->timestamp('ends_at');
                $table->timestamp('withdrawn_at')->nullable();
                $table->timestamps();
            });
        }
        if (! Schema::hasTable('verdicts')) {
            Schema::create('verdicts', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('short_id')->constrained()->cascadeOnDelete();
                $table->boolean('cleared');
                $table->string('of', 64);
                $table->string('note', 2000)->default('');
                $table->integer('ms')->nullable();
                $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
                $table->foreignId('guest_link_id')->nullable()->constrained()->nullOnDelete();
                $table->string('by', 80);
                $table->timestamp('created_at')->nullable();
                $table->index(['short_id', 'id']);
            });
        }
        // All that was made so far was made by the stand-in.
        DB::table('footage')->where('origin', 'made')->update(['origin' => 'stand-in']);
    }
};
