<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What was found in a finished file when it was looked through. */
    public function up(): void
    {
        if (! Schema::hasColumn('exports', 'findings')) {
            Schema::table('exports', static fn (Blueprint $table) => $table->text('findings')->nullable());
        }
    }
};
