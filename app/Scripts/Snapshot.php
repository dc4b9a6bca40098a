<?php

declare(strict_types=1);

namespace App\Scripts;

use App\Models\Hook;
use App\Models\Pick;
use App\Models\Scene as SceneModel;
use App\Models\Short;
use RapidReel\Script\Manuscript;
use RapidReel\Script\RunKind;
use RapidReel\Script\Scene;
use RapidReel\Script\SceneRole;
use RapidReel\Script\ScriptNote;
use RapidReel\Script\SplitRule;

/** A short as it was, small enough to be kept for every change. */
final readonly class Snapshot
{
    private const FIELDS = ['title', 'voice', 'keywords', 'tags', 'speed', 'pause_ms', 'dead_air_ms'];

    public function __construct(private ShortWriter $writer)
    {
    }

    public function of(Short $short): string
    {
        $manuscript = $short->manuscript();

        return json_encode([
            ...array_map(static fn (string $field): mixed => $short->getAttribute($field), array_combine(self::FIELDS, self::FIELDS)),
            'profile' => $short->profile->value,
            'split' => (string) $short->split,
            'deleted' => $short->trashed(),
            'scenes' => array_map(static fn (Scene $scene, ?int $key): array => [$key, $scene->role->value, $scene->text, $scene->startsLine, $scene->brief], $manuscript->scenes, $manuscript->keys),
            'notes' => array_map(static fn (ScriptNote $note): array => [$note->kind->value, $note->text, $note->scene, $note->offset, $note->ownLine], $manuscript->notes),
            'hooks' => $short->hooks->pluck('text')->all(),
            'picks' => $this->picks($manuscript->keys),
            'voices' => array_values(array_map(static fn (SceneModel $scene): array => [$scene->id, $scene->voice, $scene->speed, $scene->pause_ms, $scene->spared ?? ''], $short->scenes->all())),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * @param  list<int|null>  $sceneIds
     * @return list<array{int, int, int, bool}> scene, shot, footage, and whether it was chosen
     */
    private function picks(array $sceneIds): array
    {
        $rows = [];
        /** @var Pick $pick */
        foreach (Pick::query()->whereIn('scene_id', $sceneIds)->orderBy('scene_id')->orderBy('shot')->get() as $pick) {
            $rows[] = [$pick->scene_id, $pick->shot, $pick->footage_id, $pick->pinned];
        }

        return $rows;
    }

    public function restore(Short $short, string $snapshot): void
    {
        // What was encoded above has this shape.
        /** @var array{profile: string, split: string, deleted: bool, scenes: non-empty-list<array{int, string, string, bool, string}>, notes: list<array{string, string, int, int, bool}>, hooks: list<string>, picks: list<array{int, int, int, bool}>, voices: list<array{int, string|null, int|null, int|null, string}>} $data */
        $data = json_decode($snapshot, true, 16, JSON_THROW_ON_ERROR);
        $short->fill([
            ...array_intersect_key($data, array_flip(self::FIELDS)),
            'profile' => $data['profile'],
            'split' => SplitRule::parse($data['split']),
        ]);
        $short->deleted_at = $data['deleted'] ? $short->deleted_at : null;
        $short->save();
        Hook::query()->where('short_id', $short->id)->delete();
        foreach ($data['hooks'] as $text) {
            Hook::query()->create(['short_id' => $short->id, 'text' => $text]);
        }
        $this->writer->putScenes($short, new Manuscript(
            array_map(static fn (array $row): Scene => new Scene(SceneRole::from($row[1]), $row[2], $row[3], $row[4]), $data['scenes']),
            array_column($data['scenes'], 0),
            array_map(static fn (array $row): ScriptNote => new ScriptNote(RunKind::from($row[0]), $row[1], $row[2], $row[3], $row[4]), $data['notes']),
        ));
        foreach ($data['voices'] as [$id, $voice, $speed, $pause, $spared]) {
            SceneModel::query()->whereKey($id)->update(['voice' => $voice, 'speed' => $speed, 'pause_ms' => $pause, 'spared' => $spared]);
        }
        $this->writer->settle($short->batch, [$short]);
        Pick::query()->whereIn('scene_id', array_column($data['scenes'], 0))->delete();
        Pick::query()->insertOrIgnore(array_map(static fn (array $row): array => ['scene_id' => $row[0], 'shot' => $row[1], 'footage_id' => $row[2], 'pinned' => $row[3], 'created_at' => now(), 'updated_at' => now()], $data['picks']));
    }
}
