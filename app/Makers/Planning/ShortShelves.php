<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Library\Shelf;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use App\Shelves\Models\Short;
use App\Shelves\Models\Shot;
use App\Shelves\Search\FootagePostings;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Footage\Matching\Collection;
use RapidReel\Pictures\Footage\Matching\ShotWish;
use RapidReel\Pictures\Footage\ShotNeed;

/**
 * The footage and music at hand of a short: of a library of thousands that alone which may come under its words, and
 * what it shows already. What is chosen of it is the same as of all.
 */
final readonly class ShortShelves
{
    /** A library that is no larger is taken whole. */
    public const SMALL = 600;

    /** For each few words, so many that fit best. */
    private const OFFERED = 30;

    /** What stands first is there where nothing fits. */
    private const FIRST = 40;

    public function __construct(
        private LibraryShelf $shelves,
        private SceneTasks $tasks,
        private FootagePostings $postings,
    ) {
    }

    /**
     * @throws StrangePlace
     * @throws Refusal
     * @throws ToolFailed
     */
    public function of(Short $short): Shelf
    {
        $channel = $short->batch->channel;
        if (self::isSmall($channel)) {
            return $this->shelves->of($channel);
        }

        return $this->shelves->some($channel, ...$this->found($short));
    }

    /**
     * Footage alone.
     *
     * @throws StrangePlace
     * @throws Refusal
     * @throws ToolFailed
     */
    public function pictures(Short $short): Shelf
    {
        return $this->shelves->pictures($short->batch->channel, ...$this->found($short));
    }

    /**
     * All footage of a channel, where that is little.
     *
     * @throws StrangePlace
     */
    public function whole(Channel $channel): ?Shelf
    {
        return self::isSmall($channel) ? $this->shelves->pictures($channel) : null;
    }

    private static function isSmall(Channel $channel): bool
    {
        // As far as that tells it: there may be tens of thousands.
        return ! Footage::at($channel)->where('state', FootageState::Ready)->toBase()->skip(self::SMALL)
            ->take(1)->exists();
    }

    /**
     * @return array{list<int>, Collection|null}
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    private function found(Short $short): array
    {
        $short->loadMissing(['batch.channel', 'scenes.shots', 'readings']);
        $channel = $short->batch->channel;
        $ids = $this->held($channel, $short);
        if ($short->scenes->isEmpty()) {
            return [array_keys($ids), null];
        }
        $language = $this->tasks->language($short);
        $subject = $short->subject();
        $wishes = array_map(
            static fn (ShotNeed $need): ShotWish => ShotWish::of($need, $subject, $language),
            LikelyNeeds::of($short->manuscript()->scenes),
        );
        $terms = array_map(strval(...), array_keys(array_replace([], ...array_column($wishes, 'terms'))));
        $lists = $this->postings->read($channel, $language, $terms);
        foreach ($wishes as $wish) {
            $ids += $lists->best($wish, self::OFFERED);
        }

        return [array_keys($ids), $lists->collection];
    }

    /**
     * What it shows already, what is chosen by hand alone, and the first.
     *
     * @return array<int, mixed> by id
     */
    private function held(Channel $channel, Short $short): array
    {
        $ids = [];
        foreach ($short->scenes as $scene) {
            foreach ($scene->shots as $shot) {
                $shot instanceof Shot && $shot->footage_id !== null && $ids[$shot->footage_id] = true;
            }
        }
        foreach (Footage::byHand($channel) as $some) {
            $ids += $some;
        }

        return $ids + array_flip(Footage::at($channel)->where('state', FootageState::Ready)->orderBy('id')
            ->limit(self::FIRST)->pluck('id')->all());
    }
}
