<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('footage', function (Blueprint $table): void {
            $table->string('collection', 80)->default('');
            // A hash that is nearly the same for pictures that are, and the first that this one is so like.
            $table->string('look', 16)->nullable();
            $table->unsignedBigInteger('near_id')->nullable();
            // Of a mended clip: what it was made of, how, and a hash of both.
            $table->unsignedBigInteger('mended_of')->nullable();
            $table->string('mended_by', 20)->nullable();
            $table->string('mended_key', 40)->nullable()->index();
            $table->softDeletes();
            $table->index(['channel_id', 'deleted_at', 'id']);
        });
        Schema::table('shots', function (Blueprint $table): void {
            $table->index('footage_id');
        });
        Schema::create('picture_orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('short_id')->constrained()->cascadeOnDelete();
            $table->boolean('open')->default(true);
            // By number of the shot, as JSON: briefs, how often they were made before, footage that came.
            $table->text('briefs');
            $table->text('rounds');
            $table->text('made');
            $table->string('problem')->nullable();
            $table->timestamps();
        });
        Schema::create('library_edits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('channel_id')->constrained()->cascadeOnDelete();
            $table->string('what');
            $table->text('before');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('library_edits');
        Schema::dropIfExists('picture_orders');
        Schema::table('shots', fn (Blueprint $table) => $table->dropIndex(['footage_id']));
        Schema::table('footage', function (Blueprint $table): void {
            $table->dropIndex(['channel_id', 'deleted_at', 'id']);
            $table->dropIndex(['mended_key']);
            $table->dropColumn([
                'collection', 'look', 'near_id', 'mended_of', 'mended_by', 'mended_key', 'deleted_at',
            ]);
        });
    }
};
