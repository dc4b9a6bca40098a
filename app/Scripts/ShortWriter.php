<?php

declare(strict_types=1);

namespace App\Scripts;

use App\Models\Batch;
use App\Models\Channel;
use App\Models\Hook;
use App\Models\Note;
use App\Models\Pick;
use App\Models\Scene;
use App\Models\Short;
use App\Shorts\CutMaker;
use App\Shorts\SceneDrafts;
use RapidReel\Review\Fingerprint;
use RapidReel\Script\Manuscript;
use RapidReel\Script\ScriptNote;

/** Writes shorts into the database: new ones, and scenes that were changed. To be called inside a transaction. */
final readonly class ShortWriter
{
    /** Out of the way of all positions in use while scenes change places. */
    private const ASIDE = 100_000;

    public function __construct(
        private CutMaker $cuts,
        private SceneDrafts $drafts,
        private LikenessBook $likenesses,
    ) {
    }

    /**
     * @param  list<PlannedScript>  $planned
     * @return list<Short> in their order
     */
    public function add(Batch $batch, array $planned): array
    {
        $shorts = [];
        $number = $this->lastNumber($batch);
        foreach ($planned as $one) {
            $short = new Short([
                'number' => ++$number,
                'title' => $one->script->title,
                'script' => $one->source->text,
                'voice' => $one->voice->id,
                'profile' => $one->profile,
                'split' => $one->split,
                'keywords' => $one->source->keywords,
                'tags' => $one->source->tags,
                'publish_at' => $one->publishAt,
            ]);
            $short->batch()->associate($batch);
            $short->save();
            $this->putScenes($short, $one->manuscript());
            $this->putHooks($short, $one->source->hooks);
            $shorts[] = $short;
        }
        $this->settle($batch, $shorts);

        return $shorts;
    }

    /** A second one beside a short, with other scenes, to be compared with it. */
    public function copy(Short $original, Manuscript $manuscript): Short
    {
        $short = $original->replicate(['cut', 'planned_revision', 'problem', 'summary']);
        $short->number = $this->lastNumber($original->batch) + 1;
        $short->revision = 1;
        $short->planned_revision = 0;
        $short->variant_of = $original->variant_of ?? $original->id;
        $short->save();
        $this->putScenes($short, new Manuscript($manuscript->scenes, array_fill(0, count($manuscript->scenes), null), $manuscript->notes));
        $this->copyPicks($manuscript, $short);
        $this->settle($original->batch, [$short]);

        return $short;
    }

    /**
     * Other scenes for a short. What keeps its key and its words keeps its pictures; pictures that nobody chose go with the
     * words they were found for.
     */
    public function write(Short $short, Manuscript $manuscript): void
    {
        $this->putScenes($short, $manuscript);
        $this->settle($short->batch, [$short]);
    }

    /**
     * The shorts were changed: they count one revision more and are to be planned anew.
     *
     * @param  list<Short>  $shorts
     */
    public function settle(Batch $batch, array $shorts): void
    {
        $channel = Channel::of($batch->user);
        $fingerprints = [];
        foreach ($shorts as $short) {
            $short->unsetRelation('scenes')->unsetRelation('notes')->unsetRelation('hooks');
            $scenes = $short->manuscript()->scenes;
            $short->revision += $short->wasRecentlyCreated ? 0 : 1;
            $short->problem = null;
            $short->summary = $this->cuts->measure($this->drafts->of($short, $channel), $short->profile, $channel->name)->toJson();
            $short->save();
            $fingerprints[$short->id] = Fingerprint::of($scenes);
        }
        $this->likenesses->write($batch->user_id, $fingerprints);
    }

    /** @param  list<string>  $hooks */
    private function putHooks(Short $short, array $hooks): void
    {
        foreach ($hooks as $text) {
            Hook::query()->create(['short_id' => $short->id, 'text' => mb_strimwidth($text, 0, 1000, '…')]);
        }
    }

    /** Writes the scenes and notes alone; the short is to be settled after it. */
    public function putScenes(Short $short, Manuscript $manuscript): void
    {
        $before = $short->wasRecentlyCreated && ! $short->relationLoaded('scenes') ? [] : $short->scenes()->get()->keyBy('id')->all();
        $gone = array_diff(array_keys($before), $manuscript->keys);
        if ($gone !== []) {
            Scene::query()->whereKey($gone)->delete();
        }
        $isMoved = array_filter($manuscript->scenes, static fn ($scene, int $i): bool => ($before[$manuscript->keys[$i] ?? 0] ?? null)?->position !== $i, ARRAY_FILTER_USE_BOTH) !== [];
        if ($before !== [] && $isMoved) {
            Scene::query()->where('short_id', $short->id)->increment('position', self::ASIDE);
        }
        $fresh = [];
        foreach ($manuscript->scenes as $position => $scene) {
            $key = $manuscript->keys[$position];
            $row = ['short_id' => $short->id, 'position' => $position, 'role' => $scene->role->value, 'text' => $scene->text, 'starts_line' => $scene->startsLine, 'brief' => $scene->brief];
            $old = $before[$key ?? 0] ?? null;
            if ($old === null) {
                $fresh[] = [...($key === null ? [] : ['id' => $key]), ...$row, 'created_at' => now(), 'updated_at' => now()];

                continue;
            }
            if ($old->text !== $scene->text) {
                Pick::query()->where('scene_id', $old->id)->where('pinned', false)->delete();
                $row['spared'] = '';
            }
            if ($isMoved || $old->text !== $scene->text || $old->role !== $scene->role || $old->brief !== $scene->brief || $old->starts_line !== $scene->startsLine) {
                Scene::query()->whereKey($old->id)->update($row);
            }
        }
        foreach ($fresh as $row) {
            if (isset($row['id'])) {
                Scene::query()->insert($row);
            }
        }
        Scene::query()->insert(array_values(array_filter($fresh, static fn (array $row): bool => ! isset($row['id']))));
        $this->putNotes($short, $manuscript->notes);
    }

    /** @param  list<ScriptNote>  $notes */
    private function putNotes(Short $short, array $notes): void
    {
        Note::query()->where('short_id', $short->id)->delete();
        if ($notes === []) {
            return;
        }
        $ids = Scene::query()->where('short_id', $short->id)->orderBy('position')->pluck('id')->all();
        Note::query()->insert(array_map(static fn (ScriptNote $note, int $i): array => [
            'short_id' => $short->id, 'scene_id' => $ids[$note->scene] ?? null, 'offset' => $note->offset, 'position' => $i,
            'kind' => $note->kind->value, 'text' => $note->text, 'own_line' => $note->ownLine,
        ], $notes, array_keys($notes)));
    }

    /** Pictures that the operator chose for the original's scenes serve the copy's. */
    private function copyPicks(Manuscript $manuscript, Short $short): void
    {
        $ids = Scene::query()->where('short_id', $short->id)->orderBy('position')->pluck('id')->all();
        foreach ($manuscript->keys as $i => $key) {
            foreach ($key === null ? [] : Pick::query()->where('scene_id', $key)->where('pinned', true)->get() as $pick) {
                Pick::query()->create(['scene_id' => $ids[$i], 'shot' => $pick->shot, 'footage_id' => $pick->footage_id, 'pinned' => true]);
            }
        }
    }

    private function lastNumber(Batch $batch): int
    {
        return (int) Short::withTrashed()->where('batch_id', $batch->id)->max('number');
    }
}
