<?php

declare(strict_types=1);

namespace App\Shorts;

use App\Gateways\Voices\VoiceBook;
use App\Library\Shelf;
use App\Media\Watcher;
use App\Models\Channel;
use App\Models\Pick;
use App\Models\Scene;
use App\Models\Short;
use Illuminate\Support\Facades\DB;
use RapidReel\Cut\Cut;
use RapidReel\Cut\CutJson;
use RapidReel\Cut\CutSummary;
use RapidReel\Sound\MusicChooser;

/** Makes the cut of a short as its scenes stand, and keeps it with the pictures that were found for it. */
final readonly class ShortPlanner
{
    public function __construct(
        private CutMaker $cuts,
        private VoiceBook $voices,
        private MusicChooser $musicians,
    ) {
    }

    public function plan(Short $short, Shelf $shelf, Watcher $watcher): Cut
    {
        if ($shelf->footage === []) {
            throw new ProblemForOperator('There is no footage yet. Add clips or stills on the Footage page.');
        }
        $revision = $short->revision;
        $short->load('scenes.picks');
        $music = $short->music_id !== null
            ? $shelf->music((string) $short->music_id)
            : $this->musicians->choose($short->title, $shelf->music);
        $cut = $this->cuts->make($short->title, $this->drafts($short, $shelf), $this->voices->get($short->voice), $short->profile, $shelf, $music, $watcher, Channel::of($short->batch->user)->name);
        $this->keep($short, $cut, $revision);

        return $cut;
    }

    /** @return non-empty-list<SceneDraft> */
    private function drafts(Short $short, Shelf $shelf): array
    {
        $drafts = [];
        foreach ($short->scenes as $scene) {
            $chosen = [];
            foreach ($scene->picks as $pick) {
                if (isset($shelf->footage[(string) $pick->footage_id])) {
                    $chosen[$pick->shot] = $shelf->footage[(string) $pick->footage_id];
                }
            }
            $drafts[] = new SceneDraft($scene->toScript(), $chosen);
        }

        return $drafts === [] ? throw new ProblemForOperator('This short has no scenes.') : $drafts;
    }

    /** Only if nobody edited the short in the meantime; then the next plan is on its way already. */
    private function keep(Short $short, Cut $cut, int $revision): void
    {
        DB::transaction(function () use ($short, $cut, $revision): void {
            $kept = Short::query()->whereKey($short->id)->where('revision', $revision)
                ->update(['cut' => CutJson::encode($cut), 'summary' => CutSummary::of($cut)->toJson(), 'planned_revision' => $revision, 'problem' => null]);
            if ($kept === 0) {
                return;
            }
            foreach ($short->scenes as $number => $scene) {
                $this->keepPicks($scene, array_map(static fn ($shot): int => (int) $shot->footage, $cut->scenes[$number]->shots));
            }
        });
        $short->refresh();
    }

    /** @param  array<int, int>  $footage ids by shot */
    private function keepPicks(Scene $scene, array $footage): void
    {
        foreach ($footage as $shot => $id) {
            Pick::query()->firstOrCreate(['scene_id' => $scene->id, 'shot' => $shot], ['footage_id' => $id]);
        }
    }
}
