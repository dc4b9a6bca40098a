<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('channels', function (Blueprint $table): void {
            // "written = how to say it", one a line.
            $table->text('pronunciations')->default('');
            $table->string('voice')->default('');
        });

        Schema::table('shorts', function (Blueprint $table): void {
            // Percent of the voice's usual rate.
            $table->unsignedInteger('speed')->default(100);
            $table->unsignedInteger('pause_ms')->nullable();
            // What pauses inside scenes are shortened to; null leaves them.
            $table->unsignedInteger('dead_air_ms')->nullable()->default(120);
        });

        Schema::table('scenes', function (Blueprint $table): void {
            // What is null here is as for the short.
            $table->string('voice')->nullable();
            $table->unsignedInteger('speed')->nullable();
            $table->unsignedInteger('pause_ms')->nullable();
            // Numbers of the words after which a pause stays as it is.
            $table->string('spared')->default('');
        });

        Schema::create('recordings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('short_id')->constrained()->cascadeOnDelete();
            // The words of one scene, or empty for the whole script.
            $table->text('text');
            $table->string('name');
            $table->string('path');
            $table->text('timing')->nullable();
            $table->string('state');
            $table->text('problem')->nullable();
            $table->timestamps();
            $table->index(['short_id', 'state']);
        });

        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('short_id')->constrained()->cascadeOnDelete();
            $table->foreignId('recording_id')->nullable()->constrained()->nullOnDelete();
            // Whatever scene has these words is read by it.
            $table->text('text');
            // Of the raw take.
            $table->string('take');
            $table->boolean('accepted')->default(false);
            $table->text('words');
            $table->text('remarks');
            $table->timestamps();
            $table->index(['short_id', 'accepted']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('readings');
        Schema::dropIfExists('recordings');
        Schema::table(
            'scenes',
            static fn (Blueprint $table) => $table->dropColumn(['voice', 'speed', 'pause_ms', 'spared']),
        );
        Schema::table(
            'shorts',
            static fn (Blueprint $table) => $table->dropColumn(['speed', 'pause_ms', 'dead_air_ms']),
        );
        Schema::table('channels', static fn (Blueprint $table) => $table->dropColumn(['pronunciations', 'voice']));
    }
};
