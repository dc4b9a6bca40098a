<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Review;

use App\Desks\Editing\EditBook;
use App\Doors\Http\Presenters\PageState;
use App\Makers\Reviewing\Judge;
use App\Makers\Reviewing\ReviewOf;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\GuestLink;
use App\Shelves\Models\Short;
use App\Shelves\Models\Verdict;
use RapidReel\Base\Refusal;

/** What a guest is shown: finished files and what was said of them, and nothing of how they are made. */
final readonly class GuestPage
{
    public function __construct(
        private Judge $reviews,
        private EditBook $edits,
    ) {
    }

    /** @throws Refusal */
    public function of(GuestLink $link): ReviewPageView
    {
        $reviews = $this->reviews->batch($link->batch);

        return new ReviewPageView(
            $link->batch,
            array_values(array_map(static fn (ReviewOf $one): ReviewRow => new ReviewRow($one), $reviews)),
            PageState::of($link->batch, $this->edits, false),
        );
    }

    /** @throws StrangePlace */
    public function one(Short $short): GuestDetail
    {
        $short->load(['batch.channel', 'latestFinal', 'latestDone']);

        return new GuestDetail(
            new ReviewRow($this->reviews->of($short)), $short->fileOfNow(), Verdict::lastOf($short),
        );
    }
}
