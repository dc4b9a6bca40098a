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
            // Where operators want its window, as JSON; empty where nowhere.
            $table->text('pins')->default('');
        });
    }

    public function down(): void
    {
        Schema::table('shots', fn (Blueprint $table) => $table->dropColumn('pins'));
    }
};
