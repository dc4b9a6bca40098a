<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use App\Shelves\Models\Batch;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Short;

/** A batch as one row of the list of batches. */
final readonly class BatchRow
{
    private const COVERS = 6;

    /** @param  list<Short>  $covers  with finished exports */
    private function __construct(
        public Batch $batch,
        public string $titles,
        public int $shorts,
        public int $ready,
        public string $state,
        public string $stateClass,
        public array $covers,
    ) {
    }

    /**
     * @param  array<Batch>  $batches
     * @return list<self>
     */
    public static function all(array $batches): array
    {
        return array_values(array_map(self::of(...), $batches));
    }

    private static function of(Batch $batch): self
    {
        $shorts = $batch->shorts;
        $done = $shorts->filter(static fn (Short $short): bool => $short->latestDone !== null);
        $open = $shorts
            ->filter(static fn (Short $short): bool => $short->latestExport?->state->isOpen() === true)
            ->count();
        $failed = $shorts
            ->filter(static fn (Short $short): bool => $short->latestExport?->state === ExportState::Failed)
            ->count();
        $left = $shorts->count() - $done->count();
        [$state, $class] = match (true) {
            $open > 0 => ["making $open", 'state-working'],
            $failed > 0 => ["$failed failed", 'state-failed'],
            $left === 0 => ['ready', 'state-ready'],
            default => ["$left to export", ''],
        };

        return new self(
            $batch,
            $shorts->take(3)->pluck('title')->implode(' · ').($shorts->count() > 3 ? ' …' : ''),
            $shorts->count(),
            $done->count(),
            $state,
            $class,
            array_values($done->take(self::COVERS)->all()),
        );
    }
}
