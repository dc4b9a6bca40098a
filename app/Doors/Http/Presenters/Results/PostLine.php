<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Results;

use App\Shelves\Models\Post;
use RapidReel\Making\Publish\Results\Intervals;
use RapidReel\Making\Publish\Results\Point;
use RapidReel\Making\Publish\Results\Rate;

/** One posted short with what it brought. */
final readonly class PostLine
{
    /** @param  Rate  $rate  that its earnings are worked out by where its outlet told none */
    public function __construct(
        public Post $post,
        public ?Point $last,
        public ?int $atAge,
        public bool $fell,
        public Rate $rate,
        public string $posted,
    ) {
    }

    public function earned(): int
    {
        return $this->last->earned ?? $this->rate->earned($this->last->views ?? 0);
    }

    public function currency(): string
    {
        return $this->last?->earned !== null && $this->last->currency !== ''
            ? $this->last->currency
            : $this->rate->currency;
    }

    public function earnings(): string
    {
        return $this->last === null ? '' : Rate::says($this->earned(), $this->currency());
    }

    /** How many of its viewers liked it, and between what that lies; empty where nobody told. */
    public function liked(): string
    {
        $views = $this->last->views ?? 0;
        $likes = $this->last?->likes;
        if ($likes === null || $likes > $views || $views === 0) {
            return '';
        }
        $sure = Intervals::share($likes, $views);

        return sprintf('%.1f %% (%.1f–%.1f)', 100 * $likes / $views, 100 * $sure->from, 100 * $sure->to);
    }

    /** Seconds that a viewer watched, on average. */
    public function watched(): string
    {
        return $this->last?->watchSeconds === null || $this->last->views === 0
            ? ''
            : number_format($this->last->watchSeconds / $this->last->views, 1).' s';
    }
}
