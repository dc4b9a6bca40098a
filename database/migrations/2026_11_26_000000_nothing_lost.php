<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('exports', function (Blueprint $table): void {
            // Rises with every worker that takes it up.
            $table->unsignedInteger('owner')->default(0);
            // How often it was begun since it last got anywhere.
            $table->unsignedInteger('starts')->default(0);
        });
        foreach (['footage', 'music'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                // Size and hash of the file as it was kept.
                $table->string('seal', 60)->nullable();
            });
        }
        Schema::table('footage', function (Blueprint $table): void {
            $table->string('media_type', 40)->nullable();
            $table->string('state', 12)->default('ready');
            // How much of it a worker has looked through.
            $table->unsignedInteger('percent')->default(0);
            $table->string('refused')->nullable();
        });
        Schema::table('readings', function (Blueprint $table): void {
            // Where in its recording it is, in ms.
            $table->unsignedInteger('from_ms')->nullable();
            $table->unsignedInteger('until_ms')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('exports', fn (Blueprint $table) => $table->dropColumn(['owner', 'starts']));
        Schema::table('footage', fn (Blueprint $table) => $table->dropColumn([
            'seal', 'media_type', 'state', 'percent', 'refused',
        ]));
        Schema::table('music', fn (Blueprint $table) => $table->dropColumn('seal'));
        Schema::table('readings', fn (Blueprint $table) => $table->dropColumn(['from_ms', 'until_ms']));
    }
};
