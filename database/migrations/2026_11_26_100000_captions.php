<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('scenes', function (Blueprint $table): void {
            // What operators chose for its captions, as JSON; empty where nothing was.
            $table->text('captions')->default('');
        });
        Schema::create('faces', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('channel_id')->constrained()->cascadeOnDelete();
            $table->boolean('shared')->default(false);
            $table->string('name', 80);
            $table->string('face', 40);
            $table->timestamps();
            $table->unique(['channel_id', 'face']);
        });
        Schema::table('shorts', function (Blueprint $table): void {
            // The bare video that it is looked at with, what was measured on it, and of which plan it is: as JSON.
            $table->text('proof')->nullable();
            $table->string('proof_problem')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('shorts', fn (Blueprint $table) => $table->dropColumn(['proof', 'proof_problem']));
        Schema::dropIfExists('faces');
        Schema::table('scenes', fn (Blueprint $table) => $table->dropColumn('captions'));
    }
};
