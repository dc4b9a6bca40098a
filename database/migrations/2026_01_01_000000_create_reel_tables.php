<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });

        Schema::create('footage', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('kind');
            $table->string('origin')->default('upload');
            $table->string('path');
            $table->string('thumbnail');
            $table->string('fingerprint')->unique();
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->unsignedInteger('duration_ms');
            $table->text('tags');
            $table->timestamps();
        });

        Schema::create('music', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('mood');
            $table->string('path');
            $table->string('fingerprint')->unique();
            $table->unsignedInteger('duration_ms');
            $table->float('loudness');
            $table->timestamps();
        });

        Schema::create('batches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->timestamps();
        });

        Schema::create('shorts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('title');
            $table->longText('script');
            $table->string('voice');
            $table->string('profile');
            $table->foreignId('music_id')->nullable()->constrained('music')->nullOnDelete();
            // Counted up by every edit; a plan is fresh while it was made for this revision.
            $table->unsignedInteger('revision')->default(1);
            $table->unsignedInteger('planned_revision')->default(0);
            $table->longText('cut')->nullable();
            $table->string('problem')->nullable();
            $table->timestamps();
            $table->unique(['batch_id', 'number']);
        });

        Schema::create('scenes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('short_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->string('role');
            $table->text('text');
            $table->timestamps();
            $table->unique(['short_id', 'position']);
        });

        Schema::create('picks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('scene_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('shot');
            $table->foreignId('footage_id')->constrained('footage')->cascadeOnDelete();
            // Chosen by the operator: kept when the scene's words change.
            $table->boolean('pinned')->default(false);
            $table->timestamps();
            $table->unique(['scene_id', 'shot']);
        });

        Schema::create('exports', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('short_id')->constrained()->cascadeOnDelete();
            $table->string('quality');
            $table->string('state');
            $table->unsignedInteger('percent')->default(0);
            $table->string('doing')->default('');
            $table->unsignedInteger('seconds_left')->nullable();
            $table->text('problem')->nullable();
            $table->string('name')->nullable();
            $table->string('cut_hash')->nullable();
            $table->unsignedInteger('duration_ms')->nullable();
            $table->unsignedBigInteger('bytes')->nullable();
            $table->unsignedInteger('segments_made')->nullable();
            $table->unsignedInteger('segments_kept')->nullable();
            $table->timestamp('started_at')->nullable();
            $table->timestamp('finished_at')->nullable();
            $table->timestamps();
            $table->index(['short_id', 'state']);
        });

        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });

        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }

    public function down(): void
    {
        $tables = [
            'failed_jobs', 'jobs', 'exports', 'picks', 'scenes', 'shorts', 'batches', 'music', 'footage', 'users',
        ];
        foreach ($tables as $table) {
            Schema::dropIfExists($table);
        }
    }
};
