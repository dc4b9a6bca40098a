<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Outbox;

use App\Shelves\Models\Batch;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\PostState;

/** What the outbox of a batch shows. */
final readonly class OutboxPageView
{
    /**
     * @param  list<Outlet>  $outlets
     * @param  list<OutboxRow>  $rows
     */
    public function __construct(
        public Batch $batch,
        public ?Outlet $outlet,
        public array $outlets,
        public array $rows,
        public bool $wantsSignIn,
    ) {
    }

    private function count(PostState ...$states): int
    {
        return count(array_filter(
            $this->rows, static fn (OutboxRow $row): bool => in_array($row->post?->state, $states, true),
        ));
    }

    public function lead(): string
    {
        if ($this->outlet === null) {
            return 'This channel has no outlet yet.';
        }
        $lacking = count(array_filter($this->rows, static fn (OutboxRow $row): bool => $row->lacks() !== ''));
        $planned = $this->count(PostState::Planned, PostState::Waiting);
        $stopped = $this->count(PostState::Stopped, PostState::Late);

        return implode(' · ', array_filter([
            sprintf('%d of %d posted', $this->count(PostState::Posted), count($this->rows)),
            $planned > 0 ? "$planned planned" : '',
            $stopped > 0 ? "$stopped stopped" : '',
            $lacking > 0 ? "$lacking not ready to leave" : '',
            $this->outlet->held ? 'paused' : '',
        ]));
    }

    public function isWorking(): bool
    {
        foreach ($this->rows as $row) {
            if ($row->file === 'making' || ! $row->short->isPlanned() || $row->post?->state->isAtWork() === true
                || ($row->post?->due_at !== null && ! $row->isPosted() && $row->post->due_at <= time() + 30
                    && $row->post->state !== PostState::Stopped)) {
                return true;
            }
        }

        return false;
    }

    /** Whether anything could leave at once. */
    public function canLeave(): bool
    {
        return $this->outlet !== null && ! $this->wantsSignIn;
    }
}
