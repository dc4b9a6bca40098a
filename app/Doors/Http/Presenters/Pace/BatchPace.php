<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Pace;

use App\Makers\Planning\LiveCaptions;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Review\Pace\PaceReport;

/** The pace of the shorts of a batch, one beside the other. */
final readonly class BatchPace
{
    private const EACH = 30;

    public function __construct(private LiveCaptions $captions)
    {
    }

    public function of(Batch $batch): BatchPaceView
    {
        $shorts = $batch->shorts()->with(['scenes.shots', 'readings'])->paginate(self::EACH);
        $rows = array_map(function (Short $short) use ($batch): PaceRow {
            $short->setRelation('batch', $batch);
            $cut = ($short->isPlanned() ? $short->plannedCut() : null) ?? $this->captions->of($short);

            return new PaceRow($short, PaceReport::of($cut, CutSummary::of($cut, '', '')));
        }, array_values($shorts->items()));

        return new BatchPaceView($batch, $rows, $shorts);
    }
}
