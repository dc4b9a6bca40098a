<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Outbox;

use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;

/** A short at its hour, as the calendar shows it. */
final readonly class CalendarSlip
{
    /** @param  int  $lane  those that would lie on one another stand one below the other */
    public function __construct(
        public Post $post,
        public int $minute,
        public int $lane,
    ) {
    }

    public function moves(): bool
    {
        return in_array($this->post->state, PostState::ahead(), true);
    }

    public function time(): string
    {
        return sprintf('%02d:%02d', intdiv($this->minute, 60), $this->minute % 60);
    }

    public function left(): float
    {
        return round(100 * $this->minute / 1_440, 3);
    }
}
