<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use App\Media\TakeStore;
use App\Models\Channel;
use App\Models\Reading;
use App\Models\RecordingState;
use App\Models\Scene;
use App\Models\Short;
use App\Shorts\SceneDraft;
use App\Shorts\SceneDrafts;
use RapidReel\Sound\WavePeaks;
use RapidReel\Voice\DeadAir;
use RapidReel\Voice\Pause;
use RapidReel\Voice\Take;
use RapidReel\Voice\WordTiming;

/** The voice of a short as its page shows it: every scene with who reads it, and its take with words and pauses. */
final readonly class VoiceSheet
{
    public function __construct(
        private SceneDrafts $drafts,
        private TakeStore $takes,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Short $short, Channel $channel): array
    {
        $short->load(['batch', 'scenes', 'readings', 'recordings']);
        $scenes = [];
        $saved = 0;
        foreach ($this->drafts->of($short, $channel) as $i => $draft) {
            $scene = $short->scenes[$i];
            $offered = $this->offered($short, $scene);
            $raw = $this->raw($draft);
            $tight = $raw === null ? null : $this->takes->tight($raw, $draft->delivery);
            $saved += $raw === null ? 0 : $raw->durationMs - $tight->durationMs;
            $scenes[] = [
                'scene' => $scene,
                'voice' => $draft->voice,
                'offered' => $offered,
                'accepted' => $short->readings->where('accepted', true)->firstWhere('text', $scene->text),
                'seconds' => $tight === null ? null : number_format($tight->durationMs / 1000, 1),
                'saved' => $raw === null ? 0 : $raw->durationMs - $tight->durationMs,
            ];
        }

        return [
            'short' => $short,
            'scenes' => $scenes,
            'saved' => number_format($saved / 1000, 1),
            'waiting' => $short->recordings->where('state', RecordingState::Waiting)->count(),
            'failed' => $short->recordings->where('state', RecordingState::Failed)->values(),
            'working' => $short->recordings->where('state', RecordingState::Waiting)->isNotEmpty() || (! $short->isPlanned() && $short->problem === null),
        ];
    }

    /** @return array<string, mixed> what is drawn of the take of one scene: the offered reading, the accepted one, or the narrator's */
    public function take(Scene $scene, Channel $channel): array
    {
        [$draft, $reading, $take] = $this->shown($scene, $channel);
        if ($take === null) {
            return ['ms' => 0, 'reading' => null];
        }
        $sound = $this->takes->sound($take->key);
        $keep = $draft->delivery->deadAirMs;
        $spared = $draft->delivery->spared;

        return [
            'ms' => $take->durationMs,
            'step' => WavePeaks::STEP_MS,
            'peaks' => WavePeaks::of($sound),
            'reading' => $reading?->id,
            'accepted' => $reading->accepted ?? false,
            'words' => $reading === null
                ? array_map(static fn (WordTiming $word): array => [...$word->toArray(), 'doubt' => 'none', 'pinned' => false], $take->words)
                : $reading->words,
            'pauses' => $keep === null ? [] : array_map(static fn (Pause $pause): array => [
                'after' => $pause->afterWord, 'start' => $pause->startMs, 'end' => $pause->endMs, 'keep' => $keep, 'spared' => in_array($pause->afterWord, $spared, true),
            ], DeadAir::pauses($sound, $take->words, $keep + 20)),
        ];
    }

    /** @return string|null the key of the take that is drawn, where there is one */
    public function takeKey(Scene $scene, Channel $channel): ?string
    {
        return $this->shown($scene, $channel)[2]?->key;
    }

    /** @return array{SceneDraft, Reading|null, Take|null} */
    private function shown(Scene $scene, Channel $channel): array
    {
        $short = $scene->short;
        $draft = $this->drafts->of($short, $channel)[$scene->position];
        $reading = $this->offered($short, $scene) ?? $short->readings->where('accepted', true)->firstWhere('text', $scene->text);

        return [$draft, $reading, $reading === null ? $this->raw($draft) : $this->takes->kept($reading->take)];
    }

    private function offered(Short $short, Scene $scene): ?Reading
    {
        return $short->readings->where('accepted', false)->firstWhere('text', $scene->text);
    }

    private function raw(SceneDraft $draft): ?Take
    {
        return $draft->reading ?? $this->takes->knownRaw($draft->scene->text, $draft->voice, $draft->delivery);
    }
}
