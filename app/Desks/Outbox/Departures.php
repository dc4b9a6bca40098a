<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Desks\Exporting\ExportArchive;
use App\Desks\Exporting\ExportNames;
use App\Makers\Reviewing\Judge;
use App\Media\Store\StrangePlace;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\FileState;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Listing\ListingCheck;
use RapidReel\Plan\Settings\OutboxSettings;

/** Whether a short may leave, and as what. */
final readonly class Departures
{
    public function __construct(
        private Judge $judge,
        private Resolver $resolver,
        private Listings $listings,
        private ExportNames $names,
        private ExportArchive $archive,
    ) {
    }

    /**
     * @throws Refusal that says why it may not leave as it is
     * @throws NotYet while its file is being made
     * @throws StrangePlace
     */
    public function of(Post $post): Departure
    {
        $short = $post->short;
        $outlet = $post->outlet;
        if ($short->deleted_at !== null) {
            throw new Refusal('The short was deleted. Bring it back in its batch, or take this out of the plan.');
        }
        $file = $this->file($short, $outlet);
        $stops = $this->judge->stopped($short);
        if ($stops !== null) {
            throw new Refusal($stops);
        }
        if (! $this->isCleared($short)) {
            throw new Refusal('It is not cleared as it is now. Look at it in the review, and clear it there.');
        }
        $target = $this->listings->target($short, $outlet);
        $listing = $this->listings->of($short, $outlet, $post);
        foreach (ListingCheck::problems($listing, $target->texts) as $field => $problem) {
            throw new Refusal(ucfirst("$field: $problem. Change it in the outbox."));
        }

        return new Departure($file, $this->archive->video($file), $this->names->of($file, $target->label), $listing);
    }

    /**
     * Whether it was cleared as it is now, or needs not be.
     *
     * @throws Refusal
     */
    public function isCleared(Short $short): bool
    {
        if ($this->resolver->channel($short->batch->channel)->text('leaves') === OutboxSettings::ALL) {
            return true;
        }
        $verdict = $short->latestVerdict;

        return $verdict !== null && $verdict->cleared && $verdict->isOf($short);
    }

    /** @throws Refusal */
    private function file(Short $short, Outlet $outlet): Export
    {
        $main = $this->resolver->short($short)->text('profile');
        $leaving = $outlet->target === '' || $outlet->target === $main
            ? [$short->leaving()]
            : array_filter(
                $short->othersLeaving(), static fn (array $one): bool => $one[0]->target === $outlet->target,
            );
        foreach (array_filter($leaving) as [$export, $state]) {
            if ($state === FileState::Final) {
                return $export;
            }
        }
        $open = [ExportState::Queued, ExportState::Running];
        if ($short->exports()->whereIn('state', $open)->exists() || ! $short->isPlanned()) {
            throw new NotYet('Its file is being made.');
        }

        throw new Refusal($outlet->target !== '' && $outlet->target !== $main
            ? 'There is no finished file for this outlet. Set its target for the short, and export it.'
            : 'There is no finished file of what it is now. Export it.');
    }
}
