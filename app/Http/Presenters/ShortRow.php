<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use App\Models\Export;
use App\Models\ExportState;
use App\Models\Short;
use RapidReel\Cut\Flag;

/** A short as one row of its batch. */
final readonly class ShortRow
{
    /** @param  list<Flag>  $flags */
    private function __construct(
        public Short $short,
        public ?CutStrip $strip,
        public array $flags,
        public ?Export $export,
        public ?Export $done,
        public string $state,
        public bool $isWorking,
        public bool $isStale,
        public ?string $pace,
    ) {
    }

    public static function of(Short $short): self
    {
        $cut = $short->plannedCut();
        $export = $short->latestExport;
        $done = $short->latestDone;
        $working = $export !== null && $export->state->isOpen();
        $stale = $done !== null && (! $short->isPlanned() || ($cut !== null && $cut->hash() !== $done->cut_hash));
        $shots = $cut === null ? 0 : array_sum(array_map(static fn ($scene): int => count($scene->shots), $cut->scenes));

        return new self(
            $short,
            $cut === null ? null : CutStrip::of($cut),
            $cut === null ? [] : $cut->flags,
            $export,
            $done,
            match (true) {
                $export === null => 'not exported',
                $export->state === ExportState::Queued => 'waiting',
                $export->state === ExportState::Running => $export->doing !== '' ? $export->doing : 'starting',
                $export->state === ExportState::Cancelling => 'stopping',
                $export->state === ExportState::Cancelled => 'stopped',
                $export->state === ExportState::Failed => 'failed',
                $stale => 'edited since',
                default => 'ready',
            },
            $working || ($short->problem === null && ! $short->isPlanned() && $export?->state !== ExportState::Failed),
            $stale,
            $cut === null || $shots === 0 ? null : sprintf('%.1f words/s · %.1f s a shot', count($cut->words) * 1000 / $cut->durationMs, $cut->durationMs / 1000 / $shots),
        );
    }
}
