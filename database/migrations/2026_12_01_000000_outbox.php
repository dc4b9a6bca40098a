<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Where shorts go, when, with what beside them, and what they brought. */
    public function up(): void
    {
        if (! Schema::hasTable('outlets')) {
            Schema::create('outlets', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('channel_id')->constrained()->cascadeOnDelete();
                $table->string('place', 60);
                $table->string('name', 80);
                $table->string('target', 60)->default('');
                $table->string('hours', 300)->default('18:00');
                $table->string('days_off', 60)->default('');
                $table->integer('per_day')->default(1);
                $table->boolean('as_draft')->default(false);
                $table->boolean('held')->default(false);
                $table->integer('rate')->default(0);
                $table->string('currency', 3)->default('USD');
                $table->text('tokens')->nullable();
                $table->string('account', 120)->default('');
                $table->string('problem', 600)->nullable();
                $table->integer('asked_at')->default(0);
                $table->integer('rest_until')->default(0);
                $table->timestamps();
            });
        }
        if (! Schema::hasTable('posts')) {
            Schema::create('posts', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('short_id')->constrained()->cascadeOnDelete();
                $table->foreignId('outlet_id')->constrained()->cascadeOnDelete();
                $table->integer('round')->default(1);
                $table->string('key', 36)->unique();
                $table->string('state', 20);
                $table->string('local', 16)->nullable();
                $table->string('zone', 60)->default('');
                $table->integer('due_at')->nullable();
                $table->text('listing')->nullable();
                $table->text('cover')->nullable();
                $table->integer('owner')->default(0);
                $table->integer('tries')->default(0);
                $table->boolean('begun')->default(false);
                $table->integer('next_at')->nullable();
                $table->integer('percent')->default(0);
                $table->string('remote', 190)->default('');
                $table->string('address', 600)->default('');
                $table->string('problem', 600)->nullable();
                $table->string('of', 64)->default('');
                $table->text('sent')->nullable();
                $table->text('traits')->nullable();
                $table->integer('posted_at')->nullable();
                $table->timestamps();
                $table->unique(['short_id', 'outlet_id', 'round']);
                $table->index(['state', 'due_at']);
                $table->index(['outlet_id', 'posted_at']);
            });
        }
        if (! Schema::hasTable('result_points')) {
            Schema::create('result_points', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('post_id')->constrained()->cascadeOnDelete();
                $table->integer('at');
                $table->bigInteger('views');
                $table->bigInteger('likes')->nullable();
                $table->float('watch_seconds')->nullable();
                $table->bigInteger('earned')->nullable();
                $table->string('currency', 3)->default('');
                $table->string('source', 20);
                $table->unique(['post_id', 'at', 'source']);
            });
        }
        if (! Schema::hasTable('result_forms')) {
            Schema::create('result_forms', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('channel_id')->constrained()->cascadeOnDelete();
                $table->string('form', 32);
                $table->text('columns');
                $table->unique(['channel_id', 'form']);
            });
        }
    }
};
