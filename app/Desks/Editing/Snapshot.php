<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Shelves\Models\Hook;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Short;
use Illuminate\Support\Carbon;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Pictures\Framing\Path\Pin;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Rules\RunKind;
use RapidReel\Text\Rules\ScriptNote;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Text\Script\ShotHold;
use RapidReel\Text\Script\ShotMark;

/**
 * A short as it was, small enough to be kept for every change: all that operators can change, and what was proposed to
 * them.
 *
 * @phpstan-type Map array<string, int|float|string>
 * @phpstan-type ShotState array{
 *     id: int|null, word: int, footage: string|null, locked: bool, offset: int, in: int|null, settings: Map,
 *     pins?: list<array<string, int|float>>, span?: int
 * }
 * @phpstan-type SceneState array{
 *     id: int|null, role: string, text: string, line: bool, brief: string, settings: Map, spared: list<int>,
 *     shots: list<ShotState>, captions?: array<string, mixed>
 * }
 * @phpstan-type ReadingState array{
 *     id: int, accepted: bool, dropped: bool, take: string, words: list<array<string, mixed>>
 * }
 * @phpstan-type State array{
 *     v: int, title: string, keywords: string, tags: string, translated?: string, settings: Map, deleted: bool,
 *     scenes: non-empty-list<SceneState>, notes: list<array{string, string, int, int, bool}>, hooks: list<string>,
 *     readings: list<ReadingState>
 * }
 */
final readonly class Snapshot
{
    public const VERSION = 2;

    private const FIELDS = ['title', 'keywords', 'tags', 'translated'];

    public function __construct(
        private ShortWriter $writer,
        private SnapshotUpgrade $upgrade,
    ) {
    }

    /** All that a snapshot is taken of, as it stands in the database. */
    public function load(Short $short): Short
    {
        return $short->load(['batch.channel', 'scenes.shots', 'notes', 'hooks', 'readings']);
    }

    /**
     * Of a short that is loaded.
     *
     * @throws Refusal
     */
    public function of(Short $short): string
    {
        $manuscript = $short->manuscript();

        return json_encode(
            [
                'v' => self::VERSION,
                ...array_map(
                    static fn (string $field): string => (string) $short->getAttribute($field),
                    array_combine(self::FIELDS, self::FIELDS),
                ),
                'settings' => (object) $short->settings->own,
                'deleted' => $short->trashed(),
                'scenes' => array_map(self::scene(...), $manuscript->scenes, $manuscript->keys),
                'notes' => array_map(
                    static fn (ScriptNote $note): array => [
                        $note->kind->value,
                        $note->text,
                        $note->scene,
                        $note->offset,
                        $note->ownLine,
                    ],
                    $manuscript->notes,
                ),
                'hooks' => $short->hooks->pluck('text')->all(),
                'readings' => self::readingsOf($short),
            ],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
    }

    /**
     * What a snapshot holds, whichever version wrote it.
     *
     * @return State
     *
     * @throws Refusal
     */
    public function read(Short $short, string $snapshot): array
    {
        /** @var array<string, mixed> $data */
        $data = json_decode($snapshot, true, 32, JSON_THROW_ON_ERROR);

        /** @var State */
        return ($data['v'] ?? 1) === self::VERSION ? $data : $this->upgrade->fromFirst($short, $data);
    }

    /**
     * Writes the short as it was; its own row is still to be saved.
     *
     * @throws Refusal
     */
    public function restore(Short $short, string $snapshot): void
    {
        $data = $this->read($short, $snapshot);
        $short->fill([
            ...array_intersect_key($data, array_flip(self::FIELDS)),
            'settings' => new Values($data['settings']),
        ]);
        $short->deleted_at = $data['deleted'] ? $short->deleted_at ?? Carbon::now() : null;
        Hook::query()->where('short_id', $short->id)->delete();
        foreach ($data['hooks'] as $text) {
            Hook::query()->create(['short_id' => $short->id, 'text' => $text]);
        }
        $this->writer->write($short, self::manuscript($data));
        $this->readings($short, $data['readings']);
    }

    /**
     * @param  State  $data
     *
     * @throws Refusal
     */
    public static function manuscript(array $data): Manuscript
    {
        return new Manuscript(
            array_map(
                static fn (array $row): Scene => new Scene(
                    SceneRole::from($row['role']),
                    $row['text'],
                    $row['line'],
                    $row['brief'],
                    new SceneOwn(
                        new Values($row['settings']),
                        $row['spared'],
                        array_map(
                            static fn (array $shot): ShotMark => new ShotMark(
                                $shot['word'],
                                $shot['footage'],
                                $shot['locked'],
                                new ShotHold($shot['offset'], $shot['span'] ?? 0),
                                $shot['in'],
                                new Values($shot['settings']),
                                $shot['id'],
                                array_map(Pin::fromArray(...), $shot['pins'] ?? []),
                            ),
                            $row['shots'],
                        ),
                        CaptionMarks::fromArray($row['captions'] ?? []),
                    ),
                ),
                $data['scenes'],
            ),
            array_column($data['scenes'], 'id'),
            array_map(
                static fn (array $row): ScriptNote => new ScriptNote(
                    RunKind::from($row[0]),
                    $row[1],
                    $row[2],
                    $row[3],
                    $row[4],
                ),
                $data['notes'],
            ),
        );
    }

    /** @return list<ReadingState> the recordings of a short as they are now */
    public static function readingsOf(Short $short): array
    {
        return array_values(
            $short->readings
                ->sortBy('id')
                ->map(
                    static fn (Reading $reading): array => [
                        'id' => $reading->id,
                        'accepted' => $reading->accepted,
                        'dropped' => $reading->dropped ?? false,
                        'take' => $reading->take,
                        'words' => $reading->words,
                    ],
                )
                ->all(),
        );
    }

    /**
     * Readings that came later stay, and are offered.
     *
     * @param  list<ReadingState>  $rows
     */
    private function readings(Short $short, array $rows): void
    {
        Reading::query()
            ->where('short_id', $short->id)
            ->whereNotIn('id', array_column($rows, 'id'))
            ->update(['accepted' => false]);
        foreach ($rows as $row) {
            Reading::query()
                ->where('short_id', $short->id)
                ->whereKey($row['id'])
                ->update([
                    'accepted' => $row['accepted'],
                    'dropped' => $row['dropped'],
                    'take' => $row['take'],
                    'words' => json_encode($row['words'], JSON_THROW_ON_ERROR),
                ]);
        }
    }

    /** @return array<string, mixed> */
    private static function scene(Scene $scene, ?int $key): array
    {
        return [
            'id' => $key,
            'role' => $scene->role->value,
            'text' => $scene->text,
            'line' => $scene->startsLine,
            'brief' => $scene->brief,
            'settings' => (object) $scene->own->settings->own,
            'spared' => $scene->own->keptPauses,
            'shots' => array_map(static fn (ShotMark $shot): array => [
                'id' => $shot->key, 'word' => $shot->word, 'footage' => $shot->footage, 'locked' => $shot->isLocked,
                'offset' => $shot->hold->offset, 'in' => $shot->inMs, 'settings' => (object) $shot->own->own,
                ...$shot->pins === []
                    ? []
                    : ['pins' => array_map(static fn (Pin $pin): array => $pin->toArray(), $shot->pins)],
                ...$shot->hold->span === 0 ? [] : ['span' => $shot->hold->span],
            ], $scene->own->shots),
            ...$scene->own->captions->isEmpty() ? [] : ['captions' => $scene->own->captions->toArray()],
        ];
    }
}
