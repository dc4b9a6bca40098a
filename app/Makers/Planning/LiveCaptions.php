<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Media\Process\ToolFailed;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Plan\Cut\Cut;

/** The captions of a short as they are at this moment, before any worker has planned it anew. */
final readonly class LiveCaptions
{
    public function __construct(
        private SceneTasks $tasks,
        private CutMaker $cuts,
    ) {
    }

    /**
     * Its scenes, words and captions; without pictures, and estimated where nothing is voiced yet.
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function of(Short $short): Cut
    {
        $short->loadMissing(['batch.channel', 'scenes.shots', 'readings']);

        return $this->cuts->estimate($short->title, $this->tasks->of($short));
    }

    /**
     * The captions of a scene, in order.
     *
     * @return non-empty-list<Cue>
     *
     * @throws Refusal when there are none
     * @throws ToolFailed
     */
    public function ofScene(Short $short, int $sceneId): array
    {
        $number = $short->scenes->search(static fn ($scene): bool => $scene->id === $sceneId);
        $cues = array_values(array_filter(
            $this->of($short)->cues,
            static fn (Cue $cue): bool => $cue->from->scene === $number,
        ));

        return $cues === []
            ? throw new Refusal('This scene shows no captions. Reload the page.')
            : $cues;
    }
}
