<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** In which order the exports of a batch are made, and whether they wait. */
    public function up(): void
    {
        if (! Schema::hasColumn('exports', 'place')) {
            Schema::table('exports', static fn (Blueprint $table) => $table->integer('place')->default(0));
        }
        if (! Schema::hasColumn('batches', 'held')) {
            Schema::table('batches', static fn (Blueprint $table) => $table->boolean('held')->default(false));
        }
    }
};
