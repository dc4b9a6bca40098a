<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Desks\Intake\PlannedScript;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Hook;
use App\Shelves\Models\Note;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use App\Shelves\Models\Shot;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Framing\Path\Pin;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Rules\ScriptNote;
use RapidReel\Text\Script\Scene as ScriptScene;
use RapidReel\Text\Script\ShotMark;

/** Writes shorts into the database. Called by changes that the edit book keeps, and inside its transaction. */
final readonly class ShortWriter
{
    /** What was made of a short: another one that begins as it does has nothing of it yet. */
    public const MADE = [
        'planned_inputs', 'problem', 'summary', 'revision', 'proof', 'proof_problem', 'shown_before',
    ];

    /** Out of the way of all places in use while scenes and shots change theirs. */
    private const ASIDE = 100_000;

    /**
     * @param  list<PlannedScript>  $planned
     * @return list<Short> in their order
     *
     * @throws Refusal
     */
    public function add(Batch $batch, array $planned): array
    {
        $number = $this->lastNumber($batch);
        $shorts = [];
        foreach ($planned as $one) {
            $short = new Short([
                'number' => ++$number,
                'title' => $one->script->title,
                'script' => $one->source->text,
                'settings' => $one->along->own,
                'keywords' => $one->source->keywords,
                'tags' => $one->source->tags,
                'publish_at' => $one->along->publishAt,
            ]);
            $short->batch()->associate($batch);
            $short->save();
            $this->write($short, $one->manuscript());
            foreach ($one->source->hooks as $text) {
                Hook::query()->create(['short_id' => $short->id, 'text' => mb_strimwidth($text, 0, 1000, '…')]);
            }
            $shorts[] = $short;
        }

        return $shorts;
    }

    /**
     * Whether a batch takes so many shorts more.
     *
     * @throws Refusal where it would have too many
     */
    public function checkRoom(Batch $batch, int $more): void
    {
        $most = (int) config('reel.most_scripts');
        if ($batch->shorts()->count() + $more > $most) {
            throw new Refusal(sprintf('A batch takes at most %d shorts.', $most));
        }
    }

    /**
     * A second one beside a short with all that belongs to it, but for what its scenes now say; to be compared with it.
     *
     * @param  string|null  $title  of its own; null for that of the first
     *
     * @throws Refusal
     */
    public function copy(Short $original, Manuscript $manuscript, ?string $title = null): Short
    {
        $short = $original->replicate([
            ...self::MADE,
            // There is one version of a language: what is copied of it stands by itself.
            'version_of', 'language', 'translated', 'behind', 'way',
        ]);
        $short->number = $this->lastNumber($original->batch) + 1;
        $short->title = $title ?? $original->title;
        $short->variant_of = $original->variant_of ?? $original->id;
        $short->save();
        $this->write($short, $manuscript->copied());
        foreach ($original->hooks as $hook) {
            Hook::query()->create(['short_id' => $short->id, 'text' => $hook->text]);
        }
        // The sound itself stands where it is, by its content.
        $recordings = [];
        foreach ($original->recordings as $recording) {
            $copy = $recording->replicate();
            $copy->short_id = $short->id;
            $copy->save();
            $recordings[$recording->id] = $copy->id;
        }
        foreach ($original->readings as $reading) {
            Reading::query()->create([
                ...$reading->only(['text', 'take', 'accepted', 'dropped', 'words', 'remarks']),
                'short_id' => $short->id, 'recording_id' => $recordings[$reading->recording_id ?? 0] ?? null,
            ]);
        }

        return $short;
    }

    /** Writes scenes, shots and notes; what keeps its key keeps its row. */
    public function write(Short $short, Manuscript $manuscript): void
    {
        /** @var array<int, Scene> $before */
        $before =
            $short->wasRecentlyCreated && ! $short->relationLoaded('scenes')
                ? []
                : $short->scenes()->with('shots')->get()->keyBy('id')->all();
        $gone = array_diff(array_keys($before), $manuscript->keys);
        if ($gone !== []) {
            Scene::query()->whereKey($gone)->delete();
        }
        $isMoved = false;
        foreach ($manuscript->keys as $position => $key) {
            $isMoved = $isMoved || ($before[$key ?? 0] ?? null)?->position !== $position;
        }
        if ($before !== [] && $isMoved) {
            Scene::query()->where('short_id', $short->id)->increment('position', self::ASIDE);
        }
        $ids = [];
        foreach ($manuscript->scenes as $position => $scene) {
            $ids[] = $this->scene(
                $short,
                $position,
                $scene,
                $manuscript->keys[$position],
                $before[$manuscript->keys[$position] ?? 0] ?? null,
                $isMoved,
            );
        }
        $this->notes($short, $manuscript->notes, $ids);
    }

    private function scene(Short $short, int $position, ScriptScene $scene, ?int $key, ?Scene $old, bool $isMoved): int
    {
        $row = [
            'short_id' => $short->id,
            'position' => $position,
            'role' => $scene->role->value,
            'text' => $scene->text,
            'starts_line' => $scene->startsLine,
            'brief' => $scene->brief,
            'spared' => implode(',', $scene->own->keptPauses),
            'settings' => $scene->own->settings->toJson(),
            'captions' => $scene->own->captions->toJson(),
        ];
        if ($old === null) {
            // A scene that comes back comes back under its name.
            $id = Scene::query()->insertGetId([
                ...$key === null ? [] : ['id' => $key],
                ...$row,
                'created_at' => now(),
                'updated_at' => now(),
            ]);
        } else {
            $id = $old->id;
            if (
                $isMoved ||
                array_diff_assoc($row, [
                    ...$old->getRawOriginal(),
                    'starts_line' => $old->starts_line,
                    'spared' => $old->spared ?? '',
                ]) !== []
            ) {
                Scene::query()
                    ->whereKey($id)
                    ->update([...$row, 'updated_at' => now()]);
            }
        }
        $this->shots($id, $scene->own->shots, $old === null ? [] : $old->shots->keyBy('id')->all());

        return $id;
    }

    /**
     * @param  list<ShotMark>  $shots
     * @param  array<int, Shot>  $before
     */
    private function shots(int $scene, array $shots, array $before): void
    {
        $rows = array_map(
            static fn (ShotMark $shot): array => [
                'scene_id' => $scene,
                'word' => $shot->word,
                'offset' => $shot->hold->offset,
                'footage_id' => $shot->footage === null ? null : (int) $shot->footage,
                'in_ms' => $shot->inMs,
                'pins' => Pin::listToJson($shot->pins),
                'locked' => $shot->isLocked,
                'settings' => $shot->own->toJson(),
                'span' => $shot->hold->span,
            ],
            $shots,
        );
        $kept = array_map(static fn (ShotMark $shot): ?int => $shot->key, $shots);
        $was = array_map(
            static fn (Shot $shot): array => [
                $shot->id,
                $shot->word,
                $shot->offset ?? 0,
                $shot->footage_id,
                $shot->in_ms,
                $shot->pins ?? '',
                $shot->locked,
                $shot->settings->toJson(),
                $shot->span ?? 0,
            ],
            array_values($before),
        );
        $is = array_map(
            static fn (array $row, ?int $key): array => [$key, ...array_slice(array_values($row), 1)],
            $rows,
            $kept,
        );
        if ($was === $is) {
            return;
        }
        Shot::query()->where('scene_id', $scene)->delete();
        foreach ($rows as $i => $row) {
            // A shot goes with its words into another scene; one that comes back comes back under its name, if that is
            // free.
            Shot::query()->whereKey($kept[$i] ?? 0)->delete();
            Shot::query()->insert([...($kept[$i] === null ? [] : ['id' => $kept[$i]]), ...$row]);
        }
    }

    /**
     * @param  list<ScriptNote>  $notes
     * @param  list<int>  $scenes  their ids
     */
    private function notes(Short $short, array $notes, array $scenes): void
    {
        Note::query()->where('short_id', $short->id)->delete();
        if ($notes !== []) {
            Note::query()->insert(
                array_map(
                    static fn (ScriptNote $note, int $i): array => [
                        'short_id' => $short->id,
                        'scene_id' => $scenes[$note->scene] ?? null,
                        'offset' => $note->offset,
                        'position' => $i,
                        'kind' => $note->kind->value,
                        'text' => $note->text,
                        'own_line' => $note->ownLine,
                    ],
                    $notes,
                    array_keys($notes),
                ),
            );
        }
    }

    /** The highest number of a batch, also of what is deleted. */
    public function lastNumber(Batch $batch): int
    {
        return (int) Short::withTrashed()->where('batch_id', $batch->id)->max('number');
    }
}
