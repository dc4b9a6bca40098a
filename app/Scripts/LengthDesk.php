<?php

declare(strict_types=1);

namespace App\Scripts;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\VoiceBook;
use App\Models\Short;
use App\Shorts\CutMaker;
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
        private VoiceBook $voices,
        private ScenePacer $pacer,
        private LengthTrimmer $trimmer,
    ) {
    }

    public function plan(Short $short, int $most = PHP_INT_MAX): TrimPlan
    {
        return $this->planFor($short->manuscript()->scenes, $this->voices->get($short->voice), $short->profile->longestMs(), $most);
    }

    /** @param  non-empty-list<Scene>  $scenes */
    public function planFor(array $scenes, Voice $voice, int $longestMs, int $most = PHP_INT_MAX): TrimPlan
    {
        /** @var array<string, VoicedScene> $known */
        $known = [];

        return $this->trimmer->plan($scenes, $longestMs, fn (array $left): int => $this->pacer->lengthOf(array_map(
            function (Scene $scene) use ($voice, &$known): VoicedScene {
                return $known[$scene->text] ??= $this->cuts->voiced([$scene], $voice)[0];
            },
            $left,
        )), $most);
    }
}
