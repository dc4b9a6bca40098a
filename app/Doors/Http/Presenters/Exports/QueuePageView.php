<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Exports;

use App\Shelves\Models\Batch;
use App\Shelves\Models\ExportState;

/** The exports of a batch in their order. */
final readonly class QueuePageView
{
    /**
     * @param  list<QueueRow>  $rows
     * @param  int|null  $secondsLeft  of all; null while nothing can be said
     * @param  string  $room  what is to be said of the disk; empty where there is room
     */
    public function __construct(
        public Batch $batch,
        public array $rows,
        public int $percent,
        public ?int $secondsLeft,
        public string $room,
    ) {
    }

    public function open(): int
    {
        return count(array_filter($this->rows, static fn (QueueRow $row): bool => $row->isOpen()));
    }

    private function in(ExportState $state): int
    {
        return count(array_filter($this->rows, static fn (QueueRow $row): bool => $row->export->state === $state));
    }

    /** How it stands with all of it. */
    public function lead(): string
    {
        $open = $this->open();
        $failed = $this->in(ExportState::Failed);
        $parts = [
            $open === 0 ? 'Nothing is being made' : sprintf('%d to be made', $open),
            ...$open > 0 ? ["{$this->percent} %"] : [],
            ...$this->secondsLeft !== null && $open > 0 && ! $this->batch->held
                ? [self::span($this->secondsLeft).' left']
                : [],
            ...$failed > 0 ? ["$failed failed"] : [],
            ...$this->batch->held ? ['paused'] : [],
        ];

        return implode(' · ', $parts);
    }

    /** What stands in the title of the page. */
    public function title(): string
    {
        $failed = $this->in(ExportState::Failed);

        return match (true) {
            $this->open() > 0 => $this->batch->held ? 'Paused' : "{$this->percent} %",
            $failed > 0 => "Done, $failed failed",
            $this->in(ExportState::Done) > 0 => 'Done',
            default => 'Queue',
        };
    }

    public static function span(int $seconds): string
    {
        return match (true) {
            $seconds < 90 => "$seconds s",
            $seconds < 5_400 => sprintf('%d min', (int) round($seconds / 60)),
            default => sprintf('%.1f h', $seconds / 3600),
        };
    }
}
