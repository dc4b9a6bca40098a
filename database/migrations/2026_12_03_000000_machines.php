<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Machines that help and are told to make nothing. */
    public function up(): void
    {
        if (! Schema::hasTable('left_out_machines')) {
            Schema::create('left_out_machines', static function (Blueprint $table): void {
                $table->id();
                $table->string('name', 40)->unique();
                $table->timestamps();
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('left_out_machines');
    }
};
