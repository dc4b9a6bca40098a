<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Rundown;

use App\Gateways\Voices\VoiceRates;
use App\Makers\Planning\CutMaker;
use App\Makers\Planning\LengthDesk;
use App\Makers\Planning\SceneTask;
use App\Makers\Planning\SceneTasks;
use App\Shelves\Likeness\LikenessBook;
use App\Shelves\Models\Short;
use RapidReel\Base\Language\Readability;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Text\Hook\HookCandidates;
use RapidReel\Text\Hook\HookFinding;
use RapidReel\Text\Hook\HookReview;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Script\Scene;

/** What can be said of a short's words: its hook and others to try, its length and what could go, how it reads. */
final readonly class ScriptPanel
{
    private const FROM = [
        'title' => 'the title',
        'without-filler' => 'without the greeting',
        'sentence' => 'its strongest sentence',
    ];

    private const FLAGS = [
        FlagCode::SceneCrowded,
        FlagCode::SameHook,
        FlagCode::SameScript,
        FlagCode::FootageRepeats,
        FlagCode::NoFace,
    ];

    public function __construct(
        private CutMaker $cuts,
        private SceneTasks $tasks,
        private VoiceRates $rates,
        private LengthDesk $lengths,
        private LikenessBook $likenesses,
    ) {
    }

    public function of(Short $short): PanelView
    {
        $short->loadMissing(['batch.channel', 'scenes.shots', 'notes', 'hooks', 'readings']);
        $tasks = $this->tasks->of($short);
        $channel = $short->batch->channel->name;
        $manuscript = $short->manuscript();
        $hook = $manuscript->scenes[0];
        $window = $tasks[0]->short->targets->limits()->length->hookWindowMs;
        $hookMs = $this->cuts->voiced([$tasks[0]])[0]->take->spokenMs();
        $summary = $this->cuts->measure($tasks);
        $language = $tasks[0]->voice->language;

        return new PanelView(
            $short,
            $summary,
            new HookView(
                $hook->text,
                number_format($hookMs / 1000, 1),
                (string) ($window / 1000),
                HookReview::of($hook->text, $hookMs, $window, $channel),
                $this->others($short, $tasks[0], $manuscript, $window, $channel),
            ),
            $summary->isOver() ? $this->lengths->plan($short) : null,
            Readability::of($manuscript->spoken(), $language),
            $manuscript,
            // What is not told with hook and length.
            array_values(array_filter(
                [...($short->cutSummary()->flags ?? []), ...$this->likenesses->flags([$short->id], $short->batch_id)],
                static fn (Flag $flag): bool => in_array($flag->code, self::FLAGS, true),
            )),
        );
    }

    /** @return list<OtherHook> kept by the operator, then offered */
    private function others(Short $short, SceneTask $task, Manuscript $manuscript, int $window, string $channel): array
    {
        $kept = $short->hooks->keyBy('text');
        $offered = HookCandidates::of(
            $short->title,
            $manuscript->scenes,
            $this->rates->of($task->voice),
            $window,
            $channel,
        );
        $others = [];
        foreach (array_unique([...$kept->keys()->all(), ...array_values($offered)]) as $text) {
            $text = (string) $text;
            $ms = $this->cuts->voiced([$task->saying(new Scene($task->scene->role, $text))])[0]->take->spokenMs();
            $others[] = new OtherHook(
                $text,
                $kept->has($text) ? 'kept' : self::FROM[array_search($text, $offered, true) ?: 'sentence'],
                $kept->get($text),
                number_format($ms / 1000, 1),
                $ms > $window,
                array_values(array_filter(
                    HookReview::of($text, $ms, $window, $channel),
                    static fn (HookFinding $finding): bool => ! in_array($finding->code, ['in-time', 'late'], true),
                )),
            );
        }

        return $others;
    }
}
