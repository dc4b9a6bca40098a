<?php

declare(strict_types=1);

namespace App\Makers\Reviewing;

use App\Ground\Work\HandedBack;
use App\Makers\Planning\CutMaker;
use App\Makers\Planning\SceneTask;
use App\Makers\Proofs\ClearCue;
use App\Makers\Proofs\ContrastCheck;
use App\Makers\Proofs\ProofMaker;
use App\Media\Probing\NotAsPlanned;
use App\Media\Probing\StillFinder;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\Cancelled;
use App\Media\Process\ToolFailed;
use App\Media\Process\Watcher;
use App\Media\Store\StrangePlace;
use App\Shelves\Library\Shelf;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Review\Check\Finding;
use RapidReel\Plan\Review\Check\Observed;
use RapidReel\Plan\Review\Check\PictureChecks;
use RapidReel\Plan\Review\Check\Reviewed;
use RapidReel\Plan\Review\Check\ShortReview;

/** Reviews a script that is no short: voiced and planned, and looked at in pictures where that is asked for. */
final readonly class PlanReviewer
{
    public function __construct(
        private CutMaker $cuts,
        private Observer $observer,
        private ProofMaker $proofs,
        private ContrastCheck $contrast,
        private StillFinder $stills,
    ) {
    }

    /**
     * @param  non-empty-list<SceneTask>  $tasks
     * @param  list<string>  $tags
     * @param  list<Flag>  $alike  earlier shorts that say nearly the same
     * @param  bool  $looks  whether its pictures are made, small, and captions and movement measured on them
     * @return list<Finding>
     *
     * @throws Refusal
     * @throws Cancelled
     * @throws ToolFailed
     * @throws HandedBack
     * @throws NotAsPlanned
     * @throws UnusableMedia
     * @throws StrangePlace
     */
    public function of(
        Cut $cut,
        array $tasks,
        Shelf $shelf,
        Watcher $watcher,
        string $channel,
        array $tags,
        array $alike,
        bool $looks,
    ): array {
        $targets = $tasks[0]->short->targets;
        [$faint, $still] = $looks ? $this->looked($cut, $shelf, $watcher) : [[], null];
        $plain = $this->observer->ofPlan($cut);

        return ShortReview::of(new Reviewed(
            $cut,
            $this->cuts->summary($cut),
            [$targets->main, ...$targets->more],
            new Observed($faint, $plain->subjects, standIns: $plain->standIns, still: $still, sound: $plain->sound,
                alike: $alike),
            $tags,
            ShortReviews::listed($tasks[0]->levels->text('forbidden')),
            $channel,
        ));
    }

    /**
     * @return array{list<array{scene: int, word: int, ms: int, ratio: float, mend: string}>, list<array{int, int}>}
     *
     * @throws Refusal
     * @throws Cancelled
     * @throws ToolFailed
     * @throws HandedBack
     * @throws NotAsPlanned
     * @throws UnusableMedia
     * @throws StrangePlace
     */
    private function looked(Cut $cut, Shelf $shelf, Watcher $watcher): array
    {
        $file = $this->proofs->file($this->proofs->make($cut, $shelf, $watcher));
        $faint = array_filter($this->contrast->of($cut, $file), static fn (ClearCue $cue): bool => $cue->isFaint());

        return [
            array_values(array_map(Observer::faint(...), $faint)),
            $this->stills->of($file, PictureChecks::UNCHANGED_MS / 1000),
        ];
    }
}
