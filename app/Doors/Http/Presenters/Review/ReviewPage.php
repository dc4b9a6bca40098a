<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Review;

use App\Desks\Editing\EditBook;
use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\Stage;
use App\Makers\Planning\LiveCaptions;
use App\Makers\Proofs\ProofDesk;
use App\Makers\Reviewing\Judge;
use App\Makers\Reviewing\ReviewOf;
use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use App\Shelves\Models\Verdict;
use RapidReel\Base\Refusal;

/** What is shown where shorts are reviewed: a list of all, and one of them with what speaks against it. */
final readonly class ReviewPage
{
    public function __construct(
        private Judge $reviews,
        private LiveCaptions $captions,
        private ProofDesk $proofs,
        private EditBook $edits,
    ) {
    }

    /** @throws Refusal */
    public function of(Batch $batch): ReviewPageView
    {
        $reviews = $this->reviews->batch($batch);

        return new ReviewPageView(
            $batch,
            array_values(array_map(static fn (ReviewOf $one): ReviewRow => new ReviewRow($one), $reviews)),
            PageState::of(
                $batch, $this->edits,
                array_filter($reviews, static fn (ReviewOf $one): bool => $one->shown === null
                    && $one->short->problem === null) !== [],
            ),
        );
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     * @throws StrangePlace
     */
    public function one(Short $short): ReviewDetail
    {
        $short->load(['batch.channel', 'scenes.shots', 'readings', 'waivers.user', 'latestVerdict', 'latestFinal',
            'latestDone']);
        // What was edited since is looked at as it is now.
        $file = $short->fileOfNow();
        $cut = $this->captions->of($short);
        if ($file === null) {
            $this->proofs->order($short);
        }

        return new ReviewDetail(
            new ReviewRow($this->reviews->of($short)),
            $file,
            Stage::of($short, $cut),
            $cut->durationMs,
            Verdict::lastOf($short),
        );
    }
}
