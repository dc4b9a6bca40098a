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
        Schema::table('channels', function (Blueprint $table): void {
            // What briefs are written with: who comes again and how each looks, and from where shots are shown.
            $table->text('figures')->default('');
            $table->text('views')->default('');
        });
        Schema::table('footage', function (Blueprint $table): void {
            // What it was made to show, in words.
            $table->text('brief')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('channels', fn (Blueprint $table) => $table->dropColumn(['figures', 'views']));
        Schema::table('footage', fn (Blueprint $table) => $table->dropColumn('brief'));
        Schema::table('shots', fn (Blueprint $table) => $table->dropColumn('pins'));
    }
};
