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
    }

    public function down(): void
    {
        Schema::table('shots', fn (Blueprint $table) => $table->dropColumn('span'));
    }
};
