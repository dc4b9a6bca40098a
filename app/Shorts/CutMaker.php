<?php

declare(strict_types=1);

namespace App\Shorts;

use App\Gateways\Voices\Voice;
use App\Library\Shelf;
use App\Media\Cancelled;
use App\Media\CaptionFace;
use App\Media\TakeStore;
use App\Media\Watcher;
use RapidReel\Cut\Cut;
use RapidReel\Cut\CutBuilder;
use RapidReel\Cut\CutMusic;
use RapidReel\Cut\Flag;
use RapidReel\Cut\FlagCode;
use RapidReel\Cut\VoicedScene;
use RapidReel\Publish\TargetProfile;
use RapidReel\Render\Progress;
use RapidReel\Script\SpeechRate;
use RapidReel\Voice\Take;

/** From scenes to a cut: voices them, or only estimates, and builds. */
final readonly class CutMaker
{
    public function __construct(
        private TakeStore $takes,
        private CaptionFace $face,
    ) {
    }

    /**
     * @param  non-empty-list<SceneDraft>  $drafts
     */
    public function make(string $title, array $drafts, Voice $voice, TargetProfile $profile, Shelf $shelf, ?CutMusic $music, Watcher $watcher): Cut
    {
        $voiced = [];
        foreach ($drafts as $i => $draft) {
            if ($watcher->isCancelled()) {
                throw new Cancelled;
            }
            $voiced[] = new VoicedScene($draft->scene, $this->takes->take($draft->scene->text, $voice), $draft->chosen);
            $watcher->progress(Progress::voicing($i + 1, count($drafts)));
        }

        return $this->builder($profile)->build($title, $voiced, array_values($shelf->footage), $music);
    }

    /**
     * The plan before anything is voiced: times are estimates, and there are no pictures.
     *
     * @param  non-empty-list<SceneDraft>  $drafts
     */
    public function estimate(string $title, array $drafts, TargetProfile $profile, ?SpeechRate $rate = null): Cut
    {
        $rate ??= SpeechRate::common();
        $voiced = array_map(static function (SceneDraft $draft) use ($rate): VoicedScene {
            $words = $rate->wordsOf($draft->scene->text);

            return new VoicedScene($draft->scene, new Take('', $rate->ofText($draft->scene->text), $words));
        }, $drafts);

        return $this->builder($profile)->build($title, $voiced, [], null, [
            new Flag(FlagCode::Estimated, 'Times are estimated: nothing is voiced yet.'),
        ]);
    }

    private function builder(TargetProfile $profile): CutBuilder
    {
        return new CutBuilder($profile, $this->face->metrics());
    }
}
