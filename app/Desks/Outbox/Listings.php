<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Desks\Editing\TargetDesk;
use App\Makers\Planning\ShortLanguage;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Target;
use RapidReel\Making\Publish\Listing\Listing;
use RapidReel\Making\Publish\Listing\ListingFacts;
use RapidReel\Making\Publish\Listing\ListingPattern;
use RapidReel\Making\Publish\Listing\ListingWriter;

/** The texts that go with shorts: proposed by rule, and what was typed instead. */
final readonly class Listings
{
    public function __construct(private Resolver $resolver, private ShortLanguage $languages)
    {
    }

    /**
     * What an outlet takes of a short.
     *
     * @throws Refusal
     */
    public function target(Short $short, Outlet $outlet): Target
    {
        return OutletDesk::target($outlet) ?? TargetDesk::all($short->batch->channel)->get(
            $this->resolver->short($short)->text('profile'),
        );
    }

    /**
     * @param  Post|null  $post  whose own texts count before what is proposed
     *
     * @throws Refusal
     */
    public function of(Short $short, Outlet $outlet, ?Post $post): Listing
    {
        $proposed = $this->proposed($short, $outlet);

        return $post?->listing === null ? $proposed : $proposed->with($post->listing);
    }

    /** @throws Refusal */
    public function proposed(Short $short, Outlet $outlet): Listing
    {
        $settings = $this->resolver->batch($short->batch);
        $scenes = array_values(array_filter(array_map(
            static fn (Scene $scene): string => trim($scene->text), array_values($short->scenes->all()),
        )));
        $writer = new ListingWriter(
            new ListingPattern($settings->text('title_text')), new ListingPattern($settings->text('description_text')),
        );

        return $writer->write(new ListingFacts(
            $short->title,
            $scenes === [] ? [$short->title] : $scenes,
            [
                ...Listing::tags($short->tags),
                ...Listing::tags($short->keywords !== '' ? $short->keywords : $short->subject()),
                ...Listing::tags($settings->text('standing_tags')),
            ],
            $this->language($short),
            $short->batch->channel->name,
            $short->batch->name,
            $short->number,
            ListingPattern::lines($settings->text('standing_lines')),
        ), $this->target($short, $outlet)->texts);
    }

    /**
     * That of the voice that reads it.
     *
     * @throws Refusal
     */
    private function language(Short $short): string
    {
        // Of a version it is known, whoever speaks.
        return $short->language !== '' ? $short->language : $this->languages->of($short);
    }
}
