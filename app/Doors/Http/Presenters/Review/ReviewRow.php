<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Review;

use App\Makers\Reviewing\ReviewOf;
use App\Shelves\Models\Short;

/** A short in the list of those that are reviewed. */
final readonly class ReviewRow
{
    public function __construct(public ReviewOf $review)
    {
    }

    public function short(): Short
    {
        return $this->review->short;
    }

    /** How it stands with it, as a word for scripts and styles. */
    public function state(): string
    {
        return match (true) {
            $this->review->isCleared() => 'cleared',
            $this->review->isSentBack() => 'back',
            $this->review->shown === null => 'planning',
            $this->review->isChanged() => 'changed',
            default => 'open',
        };
    }

    public function says(): string
    {
        return match ($this->state()) {
            'cleared' => 'cleared',
            'back' => 'sent back',
            'planning' => $this->short()->problem === null ? 'being planned' : 'cannot be planned',
            'changed' => 'changed since',
            default => 'not looked at',
        };
    }

    public function stops(): int
    {
        return count($this->review->stopping());
    }

    public function warns(): int
    {
        return count($this->review->warning());
    }

    public function seconds(): string
    {
        $summary = $this->short()->cutSummary();

        return $summary === null ? '' : number_format($summary->wholeMs() / 1000, 1).' s';
    }
}
