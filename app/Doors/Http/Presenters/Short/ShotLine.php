<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Short;

use App\Doors\Http\Presenters\Clock;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Shot;
use RapidReel\Plan\Cut\CutShot;

/** A shot on the sheet, known by the word it begins at. */
final readonly class ShotLine
{
    /**
     * @param  Shot|null  $row  null where nothing can be set for it
     * @param  string  $says  what is set of its window, in words
     * @param  string|null  $framing  address of its framing
     */
    public function __construct(
        public CutShot $shot,
        public ?Footage $footage,
        public bool $isLocked,
        public ?Shot $row,
        public string $says,
        public ?string $framing,
    ) {
    }

    public function start(): string
    {
        return Clock::tenths($this->shot->startMs);
    }

    public function seconds(): string
    {
        return number_format(($this->shot->endMs - $this->shot->startMs) / 1000, 1);
    }

    /** Whether what it shows fits what is said. */
    public function fits(): bool
    {
        return $this->isLocked || $this->shot->reason->isGood;
    }

    /** Whether its colours are unlike those of the rest. */
    public function isOdd(): bool
    {
        return $this->shot->reason->isOdd;
    }

    /** Why it shows this, in words. */
    public function why(): string
    {
        return match (true) {
            $this->isLocked => '',
            ! $this->fits() => 'nothing here fits its words',
            $this->shot->reason->why === '' => '',
            default => "for {$this->shot->reason->why}",
        };
    }

    public function name(): string
    {
        return $this->footage->name ?? 'no longer in the library';
    }
}
