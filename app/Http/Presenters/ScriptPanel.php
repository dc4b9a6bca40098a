<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use App\Gateways\Voices\VoiceRates;
use App\Models\Channel;
use App\Models\Short;
use App\Scripts\LengthDesk;
use App\Scripts\LikenessBook;
use App\Shorts\CutMaker;
use App\Shorts\SceneDrafts;
use RapidReel\Cut\Flag;
use RapidReel\Cut\FlagCode;
use RapidReel\Hook\HookCandidates;
use RapidReel\Hook\HookFinding;
use RapidReel\Hook\HookReview;
use RapidReel\Language\Readability;
use RapidReel\Script\Scene;

/** What can be said of a short's words: its hook and others to try, its length and what could go, how it reads. */
final readonly class ScriptPanel
{
    private const FROM = ['title' => 'the title', 'without-filler' => 'without the greeting', 'sentence' => 'its strongest sentence'];

    private const FLAGS = [FlagCode::SceneCrowded, FlagCode::SameHook, FlagCode::SameScript, FlagCode::FootageRepeats, FlagCode::NoFace];

    public function __construct(
        private CutMaker $cuts,
        private SceneDrafts $drafts,
        private VoiceRates $rates,
        private LengthDesk $lengths,
        private LikenessBook $likenesses,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Short $short, Channel $channel): array
    {
        $drafts = $this->drafts->of($short, $channel);
        $voice = $drafts[0]->voice;
        $manuscript = $short->manuscript();
        $scenes = $manuscript->scenes;
        $window = $short->profile->hookWindowMs();
        $hookMs = $this->cuts->voiced([$drafts[0]])[0]->take->spokenMs();
        $summary = $this->cuts->measure($drafts, $short->profile);
        $others = [];
        $kept = $short->hooks->keyBy('text');
        $offered = HookCandidates::of($short->title, $scenes, $this->rates->of($voice), $window, $channel->name);
        foreach (array_unique([...$kept->keys()->all(), ...array_values($offered)]) as $text) {
            $text = (string) $text;
            $ms = $this->cuts->voiced([$drafts[0]->saying(new Scene($scenes[0]->role, $text))])[0]->take->spokenMs();
            $others[] = [
                'text' => $text,
                'from' => $kept->has($text) ? 'kept' : self::FROM[array_search($text, $offered, true)],
                'kept' => $kept->get($text),
                'seconds' => number_format($ms / 1000, 1),
                'late' => $ms > $window,
                'findings' => array_values(array_filter(HookReview::of($text, $ms, $window, $channel->name), static fn (HookFinding $finding): bool => ! in_array($finding->code, ['in-time', 'late'], true))),
            ];
        }

        return [
            'short' => $short,
            'summary' => $summary,
            'hook' => $scenes[0]->text,
            'hookSeconds' => number_format($hookMs / 1000, 1),
            'window' => $window / 1000,
            'findings' => HookReview::of($scenes[0]->text, $hookMs, $window, $channel->name),
            'others' => $others,
            'trim' => $summary->isOver() ? $this->lengths->plan($short) : null,
            'reading' => Readability::of($manuscript->spoken()),
            'english' => $voice->language === 'English',
            'manuscript' => $manuscript,
            // What is not told with hook and length.
            'flags' => array_values(array_filter(
                [...($short->cutSummary()->flags ?? []), ...$this->likenesses->flags([$short->id], $short->batch_id)],
                static fn (Flag $flag): bool => in_array($flag->code, self::FLAGS, true),
            )),
        ];
    }
}
