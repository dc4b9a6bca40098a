<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Sheet;

use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\RhythmPicture;
use App\Doors\Http\Presenters\ScopeControl;
use App\Doors\Http\Presenters\Stage;
use App\Shelves\Levels\EffectNames;
use App\Shelves\Models\Short;
use RapidReel\Plan\Review\Pace\PaceFinding;
use RapidReel\Plan\Review\Pace\PaceFindings;
use RapidReel\Plan\Review\Pace\PaceReport;

final readonly class SheetPageView
{
    /**
     * @param  array<string, mixed>  $drawn  what the page draws
     * @param  array<string, ScopeControl>  $limits  how far it may be brought to a length
     * @param  array{name: string, ...<string, mixed>}  $sound  what is heard, as the page plays it
     */
    public function __construct(
        public Short $short,
        public array $drawn,
        public PaceReport $report,
        public array $limits,
        public array $sound,
        public Stage $stage,
        public PageState $state,
    ) {
    }

    /** @return list<PaceFinding> */
    public function findings(): array
    {
        return PaceFindings::of($this->report);
    }

    /** In a line: how long it is and what it is made of. */
    public function lead(): string
    {
        $scenes = count($this->report->summary->scenes);
        $longest = $this->report->summary->limits->length->longestMs;
        $shots = $this->report->summary->shots();

        return sprintf(
            '%s%.2f s%s · %s · %s · %.1f words a second',
            $this->report->summary->isEstimated() ? '≈ ' : '',
            $this->report->summary->wholeMs() / 1000,
            $longest === null ? '' : sprintf(' of %d s', intdiv($longest, 1000)),
            $scenes === 1 ? '1 scene' : "$scenes scenes",
            $shots === 1 ? '1 shot' : "$shots shots",
            $this->report->wordsASecond(),
        );
    }

    /** What keeps it from being planned or shown, in words; empty where nothing does. */
    public function trouble(): string
    {
        return (string) ($this->short->problem ?? $this->short->proof_problem);
    }

    /** @return array<string, string> names by id */
    public function effects(): array
    {
        return EffectNames::of($this->short->batch->channel);
    }

    /** What lies under the voice, in words. */
    public function music(): string
    {
        return $this->sound['name'] === '' ? 'No music' : "Music: {$this->sound['name']}";
    }

    public function rhythm(): RhythmPicture
    {
        return new RhythmPicture($this->report);
    }
}
