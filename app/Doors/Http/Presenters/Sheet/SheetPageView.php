<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Sheet;

use App\Doors\Http\Presenters\HistoryLine;
use App\Doors\Http\Presenters\RhythmPicture;
use App\Doors\Http\Presenters\ScopeControl;
use App\Shelves\Levels\EffectNames;
use App\Shelves\Models\Short;
use RapidReel\Base\FrameShape;
use RapidReel\Plan\Review\Pace\PaceFinding;
use RapidReel\Plan\Review\Pace\PaceReport;

final readonly class SheetPageView
{
    /**
     * @param  array<string, mixed>  $drawn  what the page draws
     * @param  list<PaceFinding>  $findings
     * @param  array<string, ScopeControl>  $limits  how far it may be brought to a length
     * @param  array<string, array<string, ScopeControl>>  $kinds  what can be set for it, by what that is of
     * @param  array{name: string, ...<string, mixed>}  $sound  what is heard, as the page plays it
     * @param  string  $script  the captions as ASS
     * @param  list<string>  $faces  addresses of the faces that draw them
     * @param  string|null  $proof  address of the bare video; null where there is none
     * @param  list<HistoryLine>  $history
     */
    public function __construct(
        public Short $short,
        public array $drawn,
        public PaceReport $report,
        public array $findings,
        public array $limits,
        public array $kinds,
        public array $sound,
        public string $script,
        public array $faces,
        public ?string $proof,
        public bool $isProofFresh,
        public ?string $proofProblem,
        public FrameShape $shape,
        public ?string $undo,
        public ?string $redo,
        public array $history,
    ) {
    }

    public function isWorking(): bool
    {
        return ! $this->isProofFresh && $this->proofProblem === null && $this->short->problem === null;
    }

    /** In a line: how long it is and what it is made of. */
    public function lead(): string
    {
        $scenes = count($this->report->summary->scenes);
        $shots = $this->report->summary->shots();

        return sprintf(
            '%s%.2f s of %d s · %s · %s · %.1f words a second',
            $this->report->summary->isEstimated() ? '≈ ' : '',
            $this->report->summary->wholeMs() / 1000,
            intdiv($this->report->summary->profile->longestMs(), 1000),
            $scenes === 1 ? '1 scene' : "$scenes scenes",
            $shots === 1 ? '1 shot' : "$shots shots",
            $this->report->wordsASecond(),
        );
    }

    /** What keeps it from being planned or shown, in words; empty where nothing does. */
    public function trouble(): string
    {
        return (string) ($this->short->problem ?? $this->proofProblem);
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
