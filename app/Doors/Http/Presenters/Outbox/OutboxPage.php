<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Outbox;

use App\Desks\Outbox\Departures;
use App\Desks\Outbox\ListingFile;
use App\Desks\Outbox\Listings;
use App\Desks\Outbox\OutletDesk;
use App\Shelves\Models\Batch;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\FileState;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Listing\ListingCheck;
use RapidReel\Making\Render\Quality;

/** What leaves of a batch at one outlet. */
final readonly class OutboxPage
{
    public function __construct(
        private Listings $listings,
        private Departures $departures,
        private OutletDesk $outlets,
    ) {
    }

    /** @throws Refusal */
    public function of(Batch $batch, ?Outlet $outlet): OutboxPageView
    {
        return new OutboxPageView(
            $batch, $outlet, OutletDesk::of($batch->channel),
            $outlet === null ? [] : $this->rows($batch, $outlet),
            $outlet !== null && $this->outlets->wantsSignIn($outlet),
        );
    }

    /**
     * @return list<OutboxRow>
     *
     * @throws Refusal
     */
    private function rows(Batch $batch, Outlet $outlet): array
    {
        $rows = [];
        $posts = ListingFile::posts($batch, $outlet);
        foreach ($batch->shorts()->with([
            'scenes', 'notes', 'latestDone', 'latestFinal', 'otherExports', 'latestVerdict', 'exports',
        ])->get()->filter($outlet->takes(...))->all() as $short) {
            $short->setRelation('batch', $batch);
            $post = ($posts[$short->id] ?? null)?->setRelation('short', $short)->setRelation('outlet', $outlet);
            $texts = $this->listings->target($short, $outlet)->texts;
            $listing = $post?->sent !== null && $post->posted_at !== null
                ? $this->listings->proposed($short, $outlet)->with($post->sent)
                : $this->listings->of($short, $outlet, $post);
            $rows[] = new OutboxRow(
                $short, $post, $listing, ListingCheck::problems($listing, $texts),
                ListingCheck::counts($listing, $texts), self::file($short), $this->departures->isCleared($short),
                $post !== null && $post->isOutdated(),
            );
        }

        return $rows;
    }

    private static function file(Short $short): string
    {
        $leaving = $short->leaving();
        if ($leaving !== null && $leaving[1] === FileState::Final) {
            return 'final';
        }
        foreach ($short->exports as $export) {
            if ($export->quality === Quality::Final
                && in_array($export->state, [ExportState::Queued, ExportState::Running], true)) {
                return 'making';
            }
        }

        return 'none';
    }
}
