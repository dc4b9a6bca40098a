<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Pace;

use App\Doors\Http\Presenters\RhythmPicture;
use App\Shelves\Models\Short;
use RapidReel\Plan\Review\Pace\PaceFinding;
use RapidReel\Plan\Review\Pace\PaceFindings;
use RapidReel\Plan\Review\Pace\PaceMeasure;
use RapidReel\Plan\Review\Pace\PaceReport;

/** One short in the pace report of its batch. */
final readonly class PaceRow
{
    /** @var list<PaceMeasure> */
    public array $measures;

    /** @var list<PaceFinding> */
    public array $findings;

    public RhythmPicture $rhythm;

    public function __construct(
        public Short $short,
        public PaceReport $report,
    ) {
        $this->measures = $report->measures();
        $this->findings = PaceFindings::of($report);
        $this->rhythm = new RhythmPicture($report);
    }

    /** The address of the place on its sheet that a finding is about. */
    public function placeOf(PaceFinding $finding): string
    {
        return route('sheet.show', $this->short).'#at-'.$finding->ms;
    }
}
