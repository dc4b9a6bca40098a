<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Colour tables and logos that operators brought. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('colour_tables', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('channel_id')->constrained()->cascadeOnDelete();
            $table->boolean('shared')->default(false);
            $table->string('name', 120);
            $table->string('hash', 64);
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('logos', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('channel_id')->constrained()->cascadeOnDelete();
            $table->boolean('shared')->default(false);
            $table->string('name', 120);
            $table->string('picture', 64);
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->text('colours');
            $table->timestamps();
            $table->softDeletes();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('logos');
        Schema::dropIfExists('colour_tables');
    }
};
