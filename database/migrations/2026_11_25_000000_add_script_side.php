<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use RapidReel\Plan\Cut\CutJson;
use RapidReel\Plan\Cut\CutSummary;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('channels', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('name');
            // Put at the end of every brief, so that all pictures share one look.
            $table->text('style_words');
            // One word or name a line; flagged in briefs.
            $table->text('forbidden');
            $table->timestamps();
        });

        Schema::table('shorts', function (Blueprint $table): void {
            $table->string('split')->default('sentence');
            $table->string('keywords')->default('');
            $table->string('tags')->default('');
            $table->timestamp('publish_at')->nullable();
            // What a row of the rundown shows, so that the cut itself need not be read for it.
            $table->longText('summary')->nullable();
            // The short that this one tries another hook of.
            $table->foreignId('variant_of')->nullable()->constrained('shorts')->nullOnDelete();
            $table->softDeletes();
        });

        Schema::table('scenes', function (Blueprint $table): void {
            $table->boolean('starts_line')->default(true);
            $table->text('brief')->default('');
        });

        Schema::create('notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('short_id')->constrained()->cascadeOnDelete();
            // Where it stands: in this scene's text after so many characters. Without a scene it stands at the end.
            $table->foreignId('scene_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('offset');
            $table->unsignedInteger('position');
            $table->string('kind');
            $table->text('text');
            $table->boolean('own_line');
            $table->index(['short_id', 'position']);
        });

        Schema::create('hooks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('short_id')->constrained()->cascadeOnDelete();
            $table->text('text');
            $table->timestamps();
        });

        Schema::create('edits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
            $table->foreignId('short_id')->constrained()->cascadeOnDelete();
            // One for all shorts that were changed together.
            $table->string('stroke');
            $table->string('what');
            // The short as it was; empty for one that did not exist.
            $table->longText('before');
            $table->timestamp('created_at');
            $table->index(['batch_id', 'id']);
            $table->index(['short_id', 'id']);
        });

        Schema::create('shingles', function (Blueprint $table): void {
            $table->foreignId('short_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('width');
            $table->unsignedInteger('hash');
            $table->index(['hash', 'width', 'short_id']);
            $table->index('short_id');
        });

        // Which shorts of a channel are alike; each pair stands both ways.
        Schema::create('likenesses', function (Blueprint $table): void {
            $table->foreignId('short_id')->constrained()->cascadeOnDelete();
            $table->foreignId('other_id')->constrained('shorts')->cascadeOnDelete();
            $table->float('hook');
            $table->float('script');
            $table->primary(['short_id', 'other_id']);
            $table->index('other_id');
        });

        // What was planned before has its summary too.
        foreach (DB::table('shorts')->whereNotNull('cut')->pluck('id') as $id) {
            $cut = CutJson::decode((string) DB::table('shorts')->where('id', $id)->value('cut'));
            DB::table('shorts')->where('id', $id)->update(['summary' => CutSummary::of($cut, '', '')->toJson()]);
        }
    }

    public function down(): void
    {
        foreach (['likenesses', 'shingles', 'edits', 'hooks', 'notes', 'channels'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('scenes', static fn (Blueprint $table) => $table->dropColumn(['starts_line', 'brief']));
        Schema::table('shorts', function (Blueprint $table): void {
            $table->dropForeign(['variant_of']);
            $table->dropColumn(['split', 'keywords', 'tags', 'publish_at', 'summary', 'variant_of', 'deleted_at']);
        });
    }
};
