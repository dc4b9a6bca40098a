<?php

declare(strict_types=1);

namespace App\Shorts;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\VoiceBook;
use App\Library\Shelf;
use App\Media\TakeStore;
use App\Models\Channel;
use App\Models\Reading;
use App\Models\Scene;
use App\Models\Short;
use RapidReel\Voice\Delivery;

/** The scenes of a short as they are to be voiced: the narrower setting wins. */
final readonly class SceneDrafts
{
    public function __construct(
        private VoiceBook $voices,
        private TakeStore $takes,
    ) {
    }

    /**
     * @param  Shelf|null  $shelf  where the footage chosen for shots stands; without it none is settled
     * @return non-empty-list<SceneDraft>
     */
    public function of(Short $short, ?Channel $channel = null, ?Shelf $shelf = null): array
    {
        $pronunciations = ($channel ?? Channel::of($short->batch->user))->pronunciations();
        $readings = $short->readings->where('accepted', true)->keyBy('text');
        $drafts = [];
        foreach ($short->scenes as $scene) {
            $reading = $readings->get($scene->text);
            $drafts[] = new SceneDraft(
                $scene->toScript(),
                $this->voice($short, $scene),
                new Delivery($short->dead_air_ms, $scene->sparedPauses(), $pronunciations, $scene->pause_ms ?? $short->pause_ms),
                $shelf === null ? [] : $this->chosen($scene, $shelf),
                $reading instanceof Reading ? $this->takes->kept($reading->take) : null,
            );
        }

        return $drafts === [] ? throw new ProblemForOperator('This short has no scenes.') : $drafts;
    }

    public function voice(Short $short, ?Scene $scene = null): Voice
    {
        return $this->voices->get($scene->voice ?? $short->voice)->at($scene->speed ?? $short->speed);
    }

    /** @return array<int, \RapidReel\Footage\Footage> */
    private function chosen(Scene $scene, Shelf $shelf): array
    {
        $chosen = [];
        foreach ($scene->picks as $pick) {
            if (isset($shelf->footage[(string) $pick->footage_id])) {
                $chosen[$pick->shot] = $shelf->footage[(string) $pick->footage_id];
            }
        }

        return $chosen;
    }
}
