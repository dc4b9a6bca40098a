<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Voice;

use App\Desks\Editing\EditBook;
use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ScopeControl;
use App\Ground\Work\Line;
use App\Makers\Planning\SceneTask;
use App\Makers\Planning\SceneTasks;
use App\Makers\Voicing\TakeStore;
use App\Media\Audio\TakeFiles;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Reading;
use App\Shelves\Models\RecordingState;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use RapidReel\Making\Mix\WavePeaks;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Section;
use RapidReel\Voice\Speech\DeadAir;
use RapidReel\Voice\Speech\Pause;
use RapidReel\Voice\Speech\Take;
use RapidReel\Voice\Speech\WordTiming;

/** The voice of a short as its page shows it: every scene with who reads it, and its take with words and pauses. */
final readonly class VoicePage
{
    public function __construct(
        private SceneTasks $tasks,
        private TakeStore $takes,
        private TakeFiles $files,
        private Resolver $resolver,
        private EditBook $edits,
    ) {
    }

    public function of(Short $short): VoicePageView
    {
        $short->load(['batch.channel', 'scenes.shots', 'readings', 'recordings']);
        $above = $this->resolver->short($short);
        $scenes = [];
        $saved = 0;
        foreach ($this->tasks->of($short) as $i => $task) {
            $scene = $short->scenes->slice($i)->firstOrFail();
            $raw = $this->raw($task);
            $tight = $raw === null ? null : $this->takes->knownTight($raw, $task->delivery);
            $less = $raw === null || $tight === null ? 0 : $raw->durationMs - $tight->durationMs;
            $saved += $less;
            $scenes[] = new VoiceLine(
                $scene,
                $task->voice,
                $this->offered($short, $scene),
                $short->readings->where('accepted', true)->firstWhere('text', $scene->text),
                $tight === null ? null : number_format($tight->durationMs / 1000, 1),
                $less,
                ScopeControl::all(
                    Level::Scene,
                    $above->and(Level::Scene, $scene->settings),
                    $above,
                    $short->batch->channel_id,
                    $scene->id,
                    'scene '.($i + 1),
                    $above->registry->in(Section::Voice),
                ),
            );
        }
        $waiting = $short->recordings->where('state', RecordingState::Waiting);
        $isWaiting = $waiting->isNotEmpty();

        return new VoicePageView(
            $short,
            $scenes,
            number_format($saved / 1000, 1),
            new RecordingsView(
                $isWaiting,
                $isWaiting ? (new Line)->waitsFor("recording:{$waiting->first()?->id}")->fully ?? '' : '',
                array_values($short->recordings->where('state', RecordingState::Failed)->all()),
                array_values($short->recordings->where('state', RecordingState::Ready)->all()),
            ),
            ScopeControl::all(
                Level::Short,
                $above,
                $this->resolver->batch($short->batch),
                $short->batch->channel_id,
                $short->id,
                'the short',
                $above->registry->in(Section::Voice),
            ),
            PageState::of(
                $short,
                $this->edits,
                $isWaiting || (! $short->isPlanned() && $short->problem === null),
            ),
        );
    }

    /**
     * @return array<string, mixed> what is drawn of the take of one scene: the offered reading, the accepted one, or
     * the narrator's
     */
    public function take(Scene $scene): array
    {
        [$task, $reading, $take] = $this->shown($scene);
        if ($take === null) {
            return ['ms' => 0, 'reading' => null];
        }
        $sound = $this->files->sound($take->key);
        $keep = $task->delivery->deadAirMs;
        $spared = $task->delivery->keptPauses;

        return [
            'ms' => $take->durationMs,
            'step' => WavePeaks::STEP_MS,
            'peaks' => WavePeaks::of($sound),
            'reading' => $reading?->id,
            'accepted' => $reading->accepted ?? false,
            'words' => $reading === null
                    ? array_map(
                        static fn (WordTiming $word): array => [
                            ...$word->toArray(),
                            'doubt' => 'none',
                            'pinned' => false,
                        ],
                        $take->words,
                    )
                    : $reading->words,
            'pauses' => $keep === null
                    ? []
                    : array_map(
                        static fn (Pause $pause): array => [
                            'after' => $pause->afterWord,
                            'start' => $pause->startMs,
                            'end' => $pause->endMs,
                            'keep' => $keep,
                            'spared' => in_array($pause->afterWord, $spared, true),
                        ],
                        DeadAir::pauses($sound, $take->words, $keep + 20),
                    ),
        ];
    }

    /** @return string|null the key of the take that is drawn, where there is one */
    public function takeKey(Scene $scene): ?string
    {
        return $this->shown($scene)[2]?->key;
    }

    /** @return array{SceneTask, Reading|null, Take|null} */
    private function shown(Scene $scene): array
    {
        $short = $scene->short->loadMissing(['batch.channel', 'scenes.shots', 'readings']);
        $task = $this->tasks->of($short)[$scene->position];
        $reading =
            $this->offered($short, $scene) ??
            $short->readings->where('accepted', true)->firstWhere('text', $scene->text);

        return [$task, $reading, $reading === null ? $this->raw($task) : $this->files->kept($reading->take)];
    }

    private function offered(Short $short, Scene $scene): ?Reading
    {
        return $short->readings->where('accepted', false)->where('dropped', false)->firstWhere('text', $scene->text);
    }

    private function raw(SceneTask $task): ?Take
    {
        return $task->reading ?? $this->takes->knownRaw($task->scene->text, $task->voice, $task->delivery);
    }
}
