<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What was taken for granted of a file, for its operator.
        Schema::table('footage', static fn (Blueprint $table) => $table->string('remark', 250)->nullable());
        // Size and hash of each finished file.
        Schema::table('exports', static fn (Blueprint $table) => $table->text('seals')->nullable());
        // By which an order's worker is known, and what shots showed when pictures were ordered for them.
        Schema::table('jobs', static fn (Blueprint $table) => $table->string('worker', 40)->nullable());
        Schema::table('picture_orders', static fn (Blueprint $table) => $table->text('shown')->nullable());
        Schema::create('house_imports', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('channel_id')->constrained()->cascadeOnDelete();
            $table->string('path', 120);
            $table->string('name', 120);
            $table->string('state', 20)->index();
            $table->text('problems');
            $table->boolean('seen')->default(false);
            $table->timestamps();
        });
    }
};
