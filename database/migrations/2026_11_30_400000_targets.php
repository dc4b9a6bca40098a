<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** An export is for the target that its short is planned for, or for one of the others. */
    public function up(): void
    {
        foreach (['target' => 60, 'inputs' => 64] as $column => $length) {
            if (! Schema::hasColumn('exports', $column)) {
                Schema::table('exports', static fn (Blueprint $table) => $table->string($column, $length)->default(''));
            }
        }
    }
};
