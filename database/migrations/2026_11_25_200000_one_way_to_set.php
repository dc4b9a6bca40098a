<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use RapidReel\Base\Values;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Publish\Manifest;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutJson;

/** Settings become one map a level, accounts have channels, and shots are known by their words. */
return new class extends Migration
{
    // Tables are laid anew, and foreign keys can only be left out of account outside a transaction: it begins one
    // itself.
    public $withinTransaction = false;

    public function up(): void
    {
        Schema::disableForeignKeyConstraints();
        try {
            DB::transaction(function (): void {
                $this->channels();
                $this->libraries();
                $this->shots();
                $this->settings();
                $this->edits();
                $this->exports();
            });
        } finally {
            Schema::enableForeignKeyConstraints();
        }
    }

    private function channels(): void
    {
        Schema::table('users', static fn (Blueprint $table) => $table->unsignedBigInteger('channel_id')->nullable());
        Schema::table('channels', function (Blueprint $table): void {
            $table->dropUnique(['user_id']);
            $table->text('settings')->default('{}');
            $table->index('user_id');
        });
        foreach (DB::table('users')->orderBy('id')->get() as $user) {
            $channel = DB::table('channels')->where('user_id', $user->id)->first();
            $id =
                $channel->id ??
                DB::table('channels')->insertGetId([
                    'user_id' => $user->id,
                    'name' => $user->name,
                    'style_words' => '',
                    'forbidden' => '',
                    'created_at' => now(),
                    'updated_at' => now(),
                ]);
            if ($channel !== null && ($channel->voice ?? '') !== '') {
                DB::table('channels')
                    ->where('id', $id)
                    ->update(['settings' => (new Values(['voice' => $channel->voice]))->toJson()]);
            }
            DB::table('users')->where('id', $user->id)->update(['channel_id' => $id]);
        }
        Schema::table('channels', static fn (Blueprint $table) => $table->dropColumn('voice'));
        Schema::table('batches', function (Blueprint $table): void {
            $table->foreignId('channel_id')->default(0)->constrained()->cascadeOnDelete();
            $table->text('settings')->default('{}');
        });
        DB::statement(
            'update batches set channel_id = (select channel_id from users where users.id = batches.user_id)',
        );
        Schema::table('batches', function (Blueprint $table): void {
            $table->dropForeign(['user_id']);
            $table->dropColumn('user_id');
        });
    }

    /**
     * What was everybody's goes to the first account; another account keeps a row of its own of what its shorts show
     * and play.
     */
    private function libraries(): void
    {
        $first = DB::table('users')->orderBy('id')->value('channel_id') ?? 0;
        foreach (['footage', 'music'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->foreignId('channel_id')->default(0)->constrained()->cascadeOnDelete();
                $table->boolean('shared')->default(false);
                $table->dropUnique(['fingerprint']);
            });
            // Without an account there is nobody to whom anything could be shown.
            $first === 0 ? DB::table($name)->delete() : DB::table($name)->update(['channel_id' => $first]);
        }
        $used = [
            [
                'footage',
                'picks',
                'footage_id',
                DB::table('picks')
                    ->join('scenes', 'scenes.id', '=', 'picks.scene_id')
                    ->join('shorts', 'shorts.id', '=', 'scenes.short_id'),
            ],
            ['music', 'shorts', 'music_id', DB::table('shorts')],
        ];
        foreach ($used as [$library, $table, $column, $query]) {
            $rows = $query
                ->join('batches', 'batches.id', '=', 'shorts.batch_id')
                ->where('batches.channel_id', '!=', $first)
                ->whereNotNull("$table.$column")
                ->get(["$table.id", "$table.$column as piece", 'batches.channel_id']);
            $own = [];
            foreach ($rows as $row) {
                $own["$row->channel_id-$row->piece"] ??= DB::table($library)->insertGetId(
                    [...(array) DB::table($library)->find($row->piece), 'id' => null, 'channel_id' => $row->channel_id],
                );
                DB::table($table)->where('id', $row->id)->update([$column => $own["$row->channel_id-$row->piece"]]);
            }
        }
        foreach (['footage', 'music'] as $name) {
            Schema::table($name, static fn (Blueprint $table) => $table->unique(['channel_id', 'fingerprint']));
        }
    }

    private function shots(): void
    {
        Schema::create('shots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('scene_id')->constrained()->cascadeOnDelete();
            // Number of the word of the scene that it begins at, and frames off it.
            $table->unsignedInteger('word');
            $table->integer('offset')->default(0);
            $table->foreignId('footage_id')->nullable()->constrained('footage')->nullOnDelete();
            $table->unsignedInteger('in_ms')->nullable();
            // Touched by an operator; what is not is proposed, and may be proposed anew.
            $table->boolean('locked')->default(false);
            $table->text('settings')->default('{}');
            $table->unique(['scene_id', 'word']);
        });
        $picks = DB::table('picks')->join('scenes', 'scenes.id', '=', 'picks.scene_id')->orderBy('picks.id')
            ->get(['picks.*', 'scenes.short_id', 'scenes.position', 'scenes.text']);
        $cuts = [];
        foreach ($picks as $pick) {
            $cuts[$pick->short_id] ??=
                $this->cut(DB::table('shorts')->where('id', $pick->short_id)->value('cut')) ?? false;
            $scene =
                $cuts[$pick->short_id] instanceof Cut ? $cuts[$pick->short_id]->scenes[$pick->position] ?? null : null;
            $word =
                $pick->shot === 0
                    ? 0
                    : ($scene?->text === $pick->text
                        ? ($scene?->shots[$pick->shot] ?? null)?->word
                        : null);
            // One that no plan knows the place of would stand anywhere; only what was chosen is worth a guess.
            if ($word === null && $pick->pinned) {
                $word = min(6 * $pick->shot, max(0, count((array) preg_split('/\s+/u', trim($pick->text))) - 1));
            }
            if ($word !== null) {
                DB::table('shots')->insertOrIgnore([
                    'scene_id' => $pick->scene_id,
                    'word' => $word,
                    'footage_id' => $pick->footage_id,
                    'locked' => $pick->pinned,
                ]);
            }
        }
        Schema::drop('picks');
    }

    private function settings(): void
    {
        foreach (['shorts', 'scenes'] as $name) {
            Schema::table($name, static fn (Blueprint $table) => $table->text('settings')->default('{}'));
        }
        $voices = DB::table('batches')
            ->join('channels', 'channels.id', '=', 'batches.channel_id')
            ->pluck('channels.settings', 'batches.id')
            ->map(static fn (string $json): string => (string) (Values::fromJson($json)->own['voice'] ?? 'aldous'))
            ->all();
        foreach (
            DB::table('shorts')->get([
                'id', 'batch_id', 'voice', 'profile', 'music_id', 'split', 'speed', 'pause_ms', 'dead_air_ms',
            ]) as $short
        ) {
            $own = [
                ...$short->voice === ($voices[$short->batch_id] ?? '') ? [] : ['voice' => $short->voice],
                ...$short->profile === 'upto-60' ? [] : ['profile' => $short->profile],
                ...$short->split === 'sentence' ? [] : ['split' => $short->split],
                ...(int) $short->speed === 100 ? [] : ['speed' => (int) $short->speed],
                ...$short->pause_ms === null ? [] : ['pause' => (int) $short->pause_ms],
                ...$short->dead_air_ms === null
                    ? ['dead_air' => 'left']
                    : ((int) $short->dead_air_ms === 120
                        ? []
                        : ['dead_air' => (int) $short->dead_air_ms]),
                ...$short->music_id === null ? [] : ['music' => (string) $short->music_id],
            ];
            DB::table('shorts')->where('id', $short->id)->update(['settings' => (new Values($own))->toJson()]);
        }
        foreach (DB::table('scenes')->get(['id', 'voice', 'speed', 'pause_ms']) as $scene) {
            $own = array_filter(
                ['voice' => $scene->voice, 'speed' => $scene->speed, 'pause' => $scene->pause_ms],
                static fn ($value): bool => $value !== null,
            );
            DB::table('scenes')
                ->where('id', $scene->id)
                ->update(['settings' => (new Values($own))->toJson()]);
        }
        Schema::table('shorts', function (Blueprint $table): void {
            // A hash of all that the plan depends on, and that which the plan was made from.
            $table->string('inputs')->default('');
            $table->string('planned_inputs')->default('');
            $table->dropForeign(['music_id']);
            $table->dropColumn([
                'voice', 'profile', 'music_id', 'split', 'speed', 'pause_ms', 'dead_air_ms', 'planned_revision',
            ]);
        });
        Schema::table('scenes', static fn (Blueprint $table) => $table->dropColumn(['voice', 'speed', 'pause_ms']));
        Schema::table('readings', static fn (Blueprint $table) => $table->boolean('dropped')->default(false));
    }

    private function edits(): void
    {
        Schema::table('edits', function (Blueprint $table): void {
            $table->unsignedBigInteger('batch_id')->nullable()->change();
            $table->unsignedBigInteger('short_id')->nullable()->change();
            $table->foreignId('channel_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            // Of the short, once it was changed.
            $table->unsignedInteger('revision')->default(0);
            // The state that an undo left, to be gone forward to.
            $table->longText('after')->nullable();
            $table->timestamp('undone_at')->nullable();
            $table->index(['channel_id', 'id']);
        });
        DB::statement(
            'update edits set channel_id = (select channel_id from batches where batches.id = edits.batch_id)',
        );
    }

    private function exports(): void
    {
        Schema::table('exports', function (Blueprint $table): void {
            // What was seen and heard when it was made, free of titles and flags.
            $table->string('pixels')->nullable();
            $table->string('sound')->nullable();
            // Its row of a manifest.
            $table->text('listing')->nullable();
            $table->dropColumn('cut_hash');
        });
        foreach (DB::table('exports')->where('state', 'done')->get(['id', 'name']) as $export) {
            $path = Storage::disk('media')->path("exports/$export->id/$export->name.json");
            $cut = is_file($path) ? $this->cut((string) file_get_contents($path)) : null;
            if ($cut !== null) {
                DB::table('exports')->where('id', $export->id)->update([
                    'pixels' => (new SegmentPlanner)->pixels($cut),
                    'sound' => MixPlan::of($cut)->key(),
                    'listing' => json_encode(Manifest::row((string) $export->name, $cut), JSON_THROW_ON_ERROR),
                ]);
            }
        }
    }

    private function cut(?string $json): ?Cut
    {
        try {
            return $json === null ? null : CutJson::decode($json);
        } catch (Throwable) {
            return null;
        }
    }
};
