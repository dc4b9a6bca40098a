<?php

declare(strict_types=1);

namespace App\Scripts;

use App\Models\Short;
use App\Shorts\CutMaker;
use App\Shorts\SceneDraft;
use App\Shorts\SceneDrafts;
use RapidReel\Cut\ScenePacer;
use RapidReel\Cut\VoicedScene;
use RapidReel\Script\LengthTrimmer;
use RapidReel\Script\Scene;
use RapidReel\Script\TrimPlan;

/** What to leave out of a short that is too long for its target. */
final readonly class LengthDesk
{
    public function __construct(
        private CutMaker $cuts,
        private SceneDrafts $drafts,
        private ScenePacer $pacer,
        private LengthTrimmer $trimmer,
    ) {
    }

    public function plan(Short $short, int $most = PHP_INT_MAX): TrimPlan
    {
        return $this->planFor($this->drafts->of($short), $short->profile->longestMs(), $most);
    }

    /** @param  non-empty-list<SceneDraft>  $drafts */
    public function planFor(array $drafts, int $longestMs, int $most = PHP_INT_MAX): TrimPlan
    {
        $byText = [];
        foreach ($drafts as $draft) {
            $byText[$draft->scene->text] = $draft;
        }
        /** @var array<string, VoicedScene> $known */
        $known = [];

        return $this->trimmer->plan(array_map(static fn (SceneDraft $draft): Scene => $draft->scene, $drafts), $longestMs, fn (array $left): int => $this->pacer->lengthOf(array_map(
            function (Scene $scene) use ($drafts, $byText, &$known): VoicedScene {
                return $known[$scene->text] ??= $this->cuts->voiced([$byText[$scene->text] ?? $drafts[0]->saying($scene)])[0];
            },
            $left,
        )), $most);
    }
}
