<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Framing;

use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ScopeControl;
use App\Makers\Planning\ShotFraming;

final readonly class FramingView
{
    /**
     * @param  array<string, ScopeControl>  $controls
     * @param  list<array{kind: string, label: string, from: int, to: int, at: string}>  $problems
     * @param  array<string, mixed>  $drawn  what the page draws: times in ms of the clip, places as fractions
     */
    public function __construct(
        public FramingPlace $place,
        public ShotFraming $framing,
        public array $controls,
        public array $problems,
        public array $drawn,
        public PageState $state,
    ) {
    }

    /** In a sentence: which shot this is, and how it stands with it. */
    public function lead(): string
    {
        $count = count($this->framing->pins);

        return implode(' · ', array_filter([
            $this->framing->footage->name,
            number_format($this->framing->lengthMs() / 1000, 1).' s',
            $this->framing->map === null ? 'its pictures are being looked at…' : '',
            $count === 0 ? '' : ($count === 1 ? '1 pin' : "$count pins"),
            $this->problems === [] ? '' : (count($this->problems) === 1 ? '1 place to look at' : count(
                $this->problems,
            ).' places to look at'),
        ], static fn (string $said): bool => $said !== ''));
    }

    public function isStill(): bool
    {
        return $this->framing->footage->duration_ms === 0;
    }
}
