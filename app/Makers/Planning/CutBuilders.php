<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Makers\Interest\GroundStore;
use App\Makers\Interest\InterestStore;
use App\Makers\Interest\ShelfGrounds;
use App\Makers\Interest\ShelfInterests;
use App\Media\Artwork\EmojiLists;
use App\Media\Artwork\TypefaceBook;
use App\Media\Making\OrderedCards;
use App\Media\Store\DamagedPart;
use App\Media\Store\StrangePlace;
use App\Shelves\Library\Shelf;
use RapidReel\Pictures\Footage\Matching\FootageMatcher;
use RapidReel\Pictures\Matte\MatteMaker;
use RapidReel\Plan\Cut\AtHand;
use RapidReel\Plan\Cut\CardPlacer;
use RapidReel\Plan\Cut\CutBuilder;
use RapidReel\Plan\Cut\CutLogo;
use RapidReel\Plan\Cut\IntroOutro;
use RapidReel\Plan\Cut\Lettering;

/** Gives a builder of cuts what it needs of this machine and of a shelf. */
final readonly class CutBuilders
{
    public function __construct(
        private TypefaceBook $faces,
        private EmojiLists $emoji,
        private InterestStore $interests,
        private GroundStore $grounds,
        private OrderedCards $cards,
    ) {
    }

    /**
     * Whether the typefaces of captions are there: of another in its place everybody would see but who chose it.
     *
     * @param  non-empty-list<SceneTask>  $tasks
     *
     * @throws DamagedPart when one is not
     * @throws StrangePlace
     */
    public function ask(array $tasks): void
    {
        $this->faces->ask(self::faces($tasks));
    }

    /**
     * @param  non-empty-list<SceneTask>  $tasks
     * @return list<string> ids of those that captions are set in
     */
    private static function faces(array $tasks): array
    {
        $faces = [];
        foreach ($tasks as $task) {
            $faces[] = $task->settings->captions->type->face ?? '';
            if ($task->settings->second !== null) {
                $faces[] = $task->settings->second->style->type->face;
            }
        }

        return $faces;
    }

    /**
     * @param  non-empty-list<SceneTask>  $tasks
     * @param  array<array-key, int>  $shownByOthers
     *
     * @throws StrangePlace
     */
    public function of(
        array $tasks,
        ?Shelf $shelf = null,
        string $subject = '',
        array $shownByOthers = [],
    ): CutBuilder {
        $language = $tasks[0]->voice->language;
        $short = $tasks[0]->short;

        return new CutBuilder(
            $short,
            new Lettering($this->faces->set(self::faces($tasks)), $language, $this->emoji->of($language)),
            new FootageMatcher($language, $subject, $shownByOthers, of: $shelf?->collection),
            $shelf === null ? new AtHand : new AtHand(
                new ShelfInterests($shelf, $this->interests),
                new MatteMaker(new ShelfGrounds($shelf, $this->grounds), $shelf->footage),
                new CardPlacer($this->cards, $short->cards, $short->targets->frame()),
                CutLogo::of($short->logo, $shelf->logos),
                IntroOutro::of($short->edges, $shelf->footage),
                $shelf->effects->effects,
            ),
        );
    }
}
