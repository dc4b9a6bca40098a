<?php

declare(strict_types=1);

namespace App\Shorts;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\VoiceRates;
use App\Library\Shelf;
use App\Media\Cancelled;
use App\Media\CaptionFace;
use App\Media\TakeStore;
use App\Media\Watcher;
use RapidReel\Cut\Cut;
use RapidReel\Cut\CutBuilder;
use RapidReel\Cut\CutMusic;
use RapidReel\Cut\CutSummary;
use RapidReel\Cut\Flag;
use RapidReel\Cut\FlagCode;
use RapidReel\Cut\VoicedScene;
use RapidReel\Publish\TargetProfile;
use RapidReel\Render\Progress;
use RapidReel\Review\ScriptFlags;
use RapidReel\Script\Scene;

/** From scenes to a cut: voices them, or only estimates, and builds. */
final readonly class CutMaker
{
    public function __construct(
        private TakeStore $takes,
        private VoiceRates $rates,
        private CaptionFace $face,
    ) {
    }

    /**
     * @param  non-empty-list<SceneDraft>  $drafts
     */
    public function make(string $title, array $drafts, Voice $voice, TargetProfile $profile, Shelf $shelf, ?CutMusic $music, Watcher $watcher, string $channel = ''): Cut
    {
        $voiced = [];
        foreach ($drafts as $i => $draft) {
            if ($watcher->isCancelled()) {
                throw new Cancelled;
            }
            $voiced[] = new VoicedScene($draft->scene, $this->takes->take($draft->scene->text, $voice), $draft->chosen);
            $watcher->progress(Progress::voicing($i + 1, count($drafts)));
        }

        return $this->builder($profile)->build($title, $voiced, array_values($shelf->footage), $music, ScriptFlags::of(self::scenes($drafts), $channel));
    }

    /**
     * The plan before all is voiced: times of what was not are estimates, and there are no pictures.
     *
     * @param  non-empty-list<SceneDraft>  $drafts
     * @param  list<Flag>  $flags  known before
     */
    public function estimate(string $title, array $drafts, Voice $voice, TargetProfile $profile, array $flags = [], string $channel = ''): Cut
    {
        $scenes = self::scenes($drafts);
        $voiced = $this->voiced($scenes, $voice);

        return $this->builder($profile)->build($title, $voiced, [], null, [...$this->flags($scenes, $voiced, $channel), ...$flags]);
    }

    /**
     * The same, only as much of it as a table of shorts needs.
     *
     * @param  non-empty-list<Scene>  $scenes
     */
    public function measure(array $scenes, Voice $voice, TargetProfile $profile, string $channel = ''): CutSummary
    {
        $voiced = $this->voiced($scenes, $voice);

        return $this->builder($profile)->measure($voiced, $this->flags($scenes, $voiced, $channel));
    }

    /**
     * Scenes with their takes: those of before where these words were said already, else estimates.
     *
     * @param  non-empty-list<Scene>  $scenes
     * @return non-empty-list<VoicedScene>
     */
    public function voiced(array $scenes, Voice $voice): array
    {
        $rate = $this->rates->of($voice);

        return array_map(fn (Scene $scene): VoicedScene => new VoicedScene($scene, $this->takes->known($scene->text, $voice) ?? $rate->take($scene->text)), $scenes);
    }

    /**
     * @param  non-empty-list<Scene>  $scenes
     * @param  non-empty-list<VoicedScene>  $voiced
     * @return list<Flag>
     */
    private function flags(array $scenes, array $voiced, string $channel): array
    {
        $isVoiced = array_filter($voiced, static fn (VoicedScene $one): bool => $one->take->key === '') === [];

        return [...($isVoiced ? [] : [new Flag(FlagCode::Estimated, 'Times are estimated: not all of it is voiced yet.')]), ...ScriptFlags::of($scenes, $channel)];
    }

    /**
     * @param  non-empty-list<SceneDraft>  $drafts
     * @return non-empty-list<Scene>
     */
    private static function scenes(array $drafts): array
    {
        return array_map(static fn (SceneDraft $draft): Scene => $draft->scene, $drafts);
    }

    private function builder(TargetProfile $profile): CutBuilder
    {
        return new CutBuilder($profile, $this->face->metrics());
    }
}
