<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Exports;

use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;

/** An export in the queue of its batch. */
final readonly class QueueRow
{
    /**
     * @param  int|null  $position  among those that wait, from 1
     * @param  string  $target  what it is made for; empty for that which its short is planned for
     */
    public function __construct(
        public Export $export,
        public ?int $position,
        public string $target,
        private bool $isHeld,
    ) {
    }

    public function says(): string
    {
        $doing = $this->export->doing;

        return match ($this->export->state) {
            ExportState::Queued => $doing !== '' ? $doing : ($this->isHeld ? 'paused' : 'waiting'),
            ExportState::Running => $doing !== '' ? mb_strtolower($doing) : 'starting',
            ExportState::Cancelling => 'stopping',
            ExportState::Cancelled => 'stopped',
            ExportState::Failed => 'failed',
            ExportState::Done => 'ready',
        };
    }

    public function isOpen(): bool
    {
        return $this->export->state->isOpen();
    }

    public function waits(): bool
    {
        return $this->export->state === ExportState::Queued;
    }

    public function left(): string
    {
        $seconds = $this->export->seconds_left;

        return $seconds === null || ! $this->isOpen() ? '' : QueuePageView::span($seconds);
    }
}
