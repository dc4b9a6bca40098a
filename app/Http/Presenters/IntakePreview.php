<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use App\Models\Channel;
use App\Scripts\IntakeFlags;
use App\Scripts\PlannedScript;
use App\Scripts\ScriptChoices;
use App\Scripts\ScriptPlanner;
use App\Shorts\CutMaker;
use RapidReel\Cut\CutSummary;
use RapidReel\Cut\Flag;
use RapidReel\Cut\FlagCode;
use RapidReel\Hook\HookReview;
use RapidReel\Intake\Articles;
use RapidReel\Intake\ScriptSource;
use RapidReel\Script\RunKind;
use RapidReel\Script\UnusableScript;

/** What the operator sees of scripts before a batch is made of them. */
final readonly class IntakePreview
{
    /** What the findings on the hook, the question about articles and the sign for an estimate say already. */
    private const SAID_ELSEWHERE = [FlagCode::Estimated, FlagCode::HookLate, FlagCode::HookFiller, FlagCode::HookPronoun, FlagCode::HookAbstract, FlagCode::SeveralArticles];

    public function __construct(
        private ScriptPlanner $planner,
        private CutMaker $cuts,
        private IntakeFlags $review,
    ) {
    }

    /**
     * @param  list<ScriptSource>  $sources
     * @return list<array<string, mixed>>
     */
    public function of(array $sources, ScriptChoices $choices, Channel $channel): array
    {
        $planned = [];
        $problems = [];
        foreach ($sources as $i => $source) {
            try {
                $planned[$i] = $this->planner->plan($source, $choices);
            } catch (UnusableScript $problem) {
                $problems[$i] = ['number' => $i + 1, 'usable' => false, 'problem' => $problem->getMessage(), 'begin' => mb_strimwidth($source->text, 0, 90, '…')];
            }
        }
        $flags = $this->review->of($planned, $channel->user_id);
        $summaries = array_map(fn (PlannedScript $one): CutSummary => $this->cuts->measure($one->drafts(), $one->profile, $channel->name), $planned);
        $axis = Axis::over(array_values($summaries));
        $shown = $problems;
        foreach ($planned as $i => $one) {
            $shown[$i] = ['number' => $i + 1, 'usable' => true, ...self::one($one, $summaries[$i]->flagged($flags[$i]), $axis, $channel->name)];
        }
        ksort($shown);

        return array_values($shown);
    }

    /** @return array<string, mixed> */
    private static function one(PlannedScript $planned, CutSummary $summary, Axis $axis, string $channel): array
    {
        $notes = [];
        foreach ($planned->script->noteCounts() as $kind => $count) {
            $notes[] = RunKind::from($kind)->count($count);
        }

        return [
            'title' => $planned->script->title,
            'lines' => $planned->script->lines,
            'scenes' => count($planned->scenes),
            'words' => $summary->words,
            'hook' => $planned->scenes[0]->text,
            'findings' => HookReview::of($planned->scenes[0]->text, $summary->hookMs, $planned->profile->hookWindowMs(), $channel),
            'hooks' => count($planned->source->hooks),
            'strip' => CutStrip::of($summary, $axis),
            'under' => $summary->isUnder(),
            'flags' => array_values(array_filter($summary->flags, static fn (Flag $flag): bool => ! in_array($flag->code, self::SAID_ELSEWHERE, true))),
            'warnings' => $planned->warnings,
            'notes' => $notes,
            'articles' => array_filter($summary->flags, static fn (Flag $flag): bool => $flag->code === FlagCode::SeveralArticles) === [] ? [] : Articles::in($planned->script),
            'settled' => implode(' · ', array_filter([
                $planned->source->voice !== '' ? $planned->voice->name : '',
                $planned->source->profile !== '' ? $planned->profile->label() : '',
                $planned->publishAt?->format('j M Y, H:i') ?? '',
            ], static fn (string $said): bool => $said !== '')),
        ];
    }
}
