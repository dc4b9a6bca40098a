<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use App\Models\Short;
use RapidReel\Review\Pace\PaceFinding;
use RapidReel\Review\Pace\PaceFindings;
use RapidReel\Review\Pace\PaceMeasure;
use RapidReel\Review\Pace\PaceReport;

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
