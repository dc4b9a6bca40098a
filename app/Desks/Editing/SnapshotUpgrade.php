<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Gateways\Voices\VoiceBook;
use App\Makers\Planning\CutMaker;
use App\Makers\Planning\SceneTask;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Script\SceneRole;

/** Brings what earlier versions kept of a short to how it is kept now. */
final readonly class SnapshotUpgrade
{
    public function __construct(
        private Resolver $resolver,
        private VoiceBook $voices,
        private CutMaker $cuts,
    ) {
    }

    /**
     * In version 1 settings were fields of their own, a picture hung on the number of its shot, and readings were not
     * kept.
     *
     * @param  array<string, mixed>  $old
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function fromFirst(Short $short, array $old): array
    {
        /**
         * @var array{
         *     title: string, voice: string, keywords: string, tags: string, speed: int, pause_ms: int|null,
         *     dead_air_ms: int|null, profile: string, split: string, deleted: bool,
         *     scenes: list<array{int, string, string, bool, string}>, notes: list<mixed>, hooks: list<string>,
         *     picks: list<array{int, int, int, bool}>,
         *     voices: list<array{int, string|null, int|null, int|null, string}>
         * } $old
         */
        $house = $this->resolver->batch($short->batch);
        $own = array_filter(
            [
                'voice' => $old['voice'],
                'speed' => $old['speed'],
                'pause' => $old['pause_ms'],
                'dead_air' => $old['dead_air_ms'] ?? 'left',
                'profile' => $old['profile'],
                'split' => $old['split'],
                ...array_intersect_key($short->settings->own, ['music' => 0]),
            ],
            static fn (mixed $value, string $key): bool => $value !== null && $value !== $house->value($key),
            ARRAY_FILTER_USE_BOTH,
        );
        $scenes = [];
        foreach ($old['scenes'] as [$id, $role, $text, $line, $brief]) {
            [, $voice, $speed, $pause, $spared] = array_values(
                array_filter($old['voices'], static fn (array $row): bool => $row[0] === $id),
            )[0] ?? [$id, null, null, null, ''];
            $scenes[] = [
                'id' => $id,
                'role' => $role,
                'text' => $text,
                'line' => $line,
                'brief' => $brief,
                'settings' => array_filter(
                    ['voice' => $voice, 'speed' => $speed, 'pause' => $pause],
                    static fn (mixed $value): bool => $value !== null,
                ),
                'spared' => array_values(
                    array_map(
                        intval(...),
                        array_filter(explode(',', $spared), static fn (string $one): bool => $one !== ''),
                    ),
                ),
                'shots' => [],
            ];
        }

        return [
            'v' => Snapshot::VERSION,
            'title' => $old['title'], 'keywords' => $old['keywords'], 'tags' => $old['tags'],
            'settings' => $own, 'deleted' => $old['deleted'],
            'scenes' => $this->withShots($short, $scenes, new Values($own), $old['picks']),
            'notes' => $old['notes'],
            'hooks' => $old['hooks'],
            'readings' => Snapshot::readingsOf($short),
        ];
    }

    /**
     * The shot of a number begins where the pace puts it.
     *
     * @param  list<array{
     *     id: int, role: string, text: string, line: bool, brief: string, settings: array<string, mixed>,
     *     spared: list<int>, shots: array{}
     * }>  $scenes
     * @param  list<array{int, int, int, bool}>  $picks  scene, shot, footage, and whether it was chosen
     * @return list<array<string, mixed>>
     *
     * @throws Refusal
     */
    private function withShots(Short $short, array $scenes, Values $own, array $picks): array
    {
        $settled = $this->resolver->batch($short->batch)->and(Level::Short, $own);
        $tasks = array_map(
            fn (array $row): SceneTask => SceneTask::of(
                new Scene(SceneRole::from($row['role']), $row['text'], own: new SceneOwn(keptPauses: $row['spared'])),
                $settled->and(
                    Level::Scene,
                    new Values(
                        array_filter(
                            $row['settings'],
                            static fn (mixed $value): bool => is_int($value) || is_string($value),
                        ),
                    ),
                ),
                $this->voices,
                $short->batch->channel->pronunciations(),
            ),
            $scenes,
        );
        $spans = $tasks === [] ? [] : $tasks[0]->pacer()->spans($this->cuts->voiced($tasks));
        foreach ($scenes as $number => $scene) {
            $shots = [];
            foreach ($picks as [$id, $shot, $footage, $isChosen]) {
                $word = ($spans[$number]->shots[$shot] ?? null)?->firstWord;
                if ($id === $scene['id'] && $word !== null) {
                    $shots[] = [
                        'id' => null,
                        'word' => $word,
                        'footage' => (string) $footage,
                        'locked' => $isChosen,
                        'offset' => 0,
                        'in' => null,
                        'settings' => [],
                    ];
                }
            }
            $scenes[$number]['shots'] = [...$scene['shots'], ...$shots];
        }

        return $scenes;
    }
}
