<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\House;

use App\Doors\Http\Presenters\PageState;

/** What of the page of a house style goes on by itself, and what can be taken back. */
final readonly class HouseState
{
    /**
     * @param  array<string, mixed>|null  $preview  a short as the style makes it; null where none is planned
     * @param  bool  $isBringing  whether a file is being taken over
     */
    public function __construct(
        public ?array $preview,
        public bool $isBringing,
        public PageState $page,
    ) {
    }

    /** @return array<string, mixed> as the page script reads it */
    public function toArray(): array
    {
        return ['preview' => $this->preview, 'bringing' => $this->isBringing, ...$this->page->toArray()];
    }
}
