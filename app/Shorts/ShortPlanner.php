<?php

declare(strict_types=1);

namespace App\Shorts;

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
        private SceneDrafts $drafts,
        private MusicChooser $musicians,
    ) {
    }

    public function plan(Short $short, Shelf $shelf, Watcher $watcher): Cut
    {
        if ($shelf->footage === []) {
            throw new ProblemForOperator('There is no footage yet. Add clips or stills on the Footage page.');
        }
        $revision = $short->revision;
        $short->load(['scenes.picks', 'readings']);
        $channel = Channel::of($short->batch->user);
        $music = $short->music_id !== null
            ? $shelf->music((string) $short->music_id)
            : $this->musicians->choose($short->title, $shelf->music);
        $cut = $this->cuts->make($short->title, $this->drafts->of($short, $channel, $shelf), $short->profile, $shelf, $music, $watcher, $channel->name);
        $this->keep($short, $cut, $revision);

        return $cut;
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
