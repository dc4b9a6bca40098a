<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The beat of music, so that it is cut at bars, and effects that operators brought. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('music', function (Blueprint $table): void {
            $table->float('tempo')->nullable();
            $table->text('bars')->nullable();
            $table->softDeletes();
        });
        Schema::create('effects', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('channel_id')->constrained()->cascadeOnDelete();
            $table->boolean('shared')->default(false);
            $table->string('name', 120);
            $table->string('path');
            $table->string('fingerprint', 64);
            $table->string('seal')->nullable();
            $table->float('loudest');
            $table->unsignedInteger('duration_ms');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['channel_id', 'fingerprint']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('effects');
        Schema::table('music', fn (Blueprint $table) => $table->dropColumn(['tempo', 'bars', 'deleted_at']));
    }
};
