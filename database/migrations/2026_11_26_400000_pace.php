<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shots', function (Blueprint $table): void {
            // So many words it is held over at least; 0 where the pace says how long.
            $table->unsignedInteger('span')->default(0);
        });
        // Settings of a short, kept to be given to others.
        Schema::create('patterns', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('channel_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->text('settings')->default('{}');
            $table->unique(['channel_id', 'name']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('patterns');
        Schema::table('shots', fn (Blueprint $table) => $table->dropColumn('span'));
    }
};
