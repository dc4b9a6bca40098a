<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What the shorts before one in its batch show is settled once, and an input of its plan. */
    public function up(): void
    {
        if (! Schema::hasColumn('shorts', 'shown_before')) {
            Schema::table('shorts', static fn (Blueprint $table) => $table->text('shown_before')->nullable());
        }
    }
};
