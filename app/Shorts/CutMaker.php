<?php

declare(strict_types=1);

namespace App\Shorts;

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
use RapidReel\Voice\Take;

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
    public function make(string $title, array $drafts, TargetProfile $profile, Shelf $shelf, ?CutMusic $music, Watcher $watcher, string $channel = ''): Cut
    {
        $voiced = [];
        foreach ($drafts as $i => $draft) {
            if ($watcher->isCancelled()) {
                throw new Cancelled;
            }
            $this->rates->hear($draft->voice);
            $raw = $draft->reading ?? $this->takes->raw($draft->scene->text, $draft->voice, $draft->delivery);
            $voiced[] = new VoicedScene($draft->scene, $this->takes->tight($raw, $draft->delivery), $draft->chosen, $draft->delivery->pauseMs);
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
    public function estimate(string $title, array $drafts, TargetProfile $profile, array $flags = [], string $channel = ''): Cut
    {
        $voiced = $this->voiced($drafts);

        return $this->builder($profile)->build($title, $voiced, [], null, [...$this->flags($voiced, $channel), ...$flags]);
    }

    /**
     * The same, only as much of it as a table of shorts needs.
     *
     * @param  non-empty-list<SceneDraft>  $drafts
     */
    public function measure(array $drafts, TargetProfile $profile, string $channel = ''): CutSummary
    {
        $voiced = $this->voiced($drafts);

        return $this->builder($profile)->measure($voiced, $this->flags($voiced, $channel));
    }

    /**
     * Scenes with their takes: those of before where these words were said already, else estimates.
     *
     * @param  non-empty-list<SceneDraft>  $drafts
     * @return non-empty-list<VoicedScene>
     */
    public function voiced(array $drafts): array
    {
        return array_map(fn (SceneDraft $draft): VoicedScene => new VoicedScene($draft->scene, $this->knownTake($draft), [], $draft->delivery->pauseMs), $drafts);
    }

    private function knownTake(SceneDraft $draft): Take
    {
        return match (true) {
            $draft->reading !== null => $this->takes->tight($draft->reading, $draft->delivery),
            default => $this->takes->known($draft->scene->text, $draft->voice, $draft->delivery) ?? $this->rates->of($draft->voice)->take($draft->scene->text),
        };
    }

    /**
     * @param  non-empty-list<VoicedScene>  $voiced
     * @return list<Flag>
     */
    private function flags(array $voiced, string $channel): array
    {
        $isVoiced = array_filter($voiced, static fn (VoicedScene $one): bool => $one->take->key === '') === [];

        return [
            ...($isVoiced ? [] : [new Flag(FlagCode::Estimated, 'Times are estimated: not all of it is voiced yet.')]),
            ...ScriptFlags::of(array_map(static fn (VoicedScene $one): Scene => $one->scene, $voiced), $channel),
        ];
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
