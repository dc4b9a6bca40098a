<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Captions;

use App\Doors\Http\Presenters\HistoryLine;
use App\Doors\Http\Presenters\ScopeControl;
use App\Shelves\Models\Short;
use RapidReel\Base\FrameShape;

final readonly class CaptionsView
{
    /**
     * @param  list<CaptionRow>  $rows
     * @param  array<string, ScopeControl>  $main  style, and whether there are captions
     * @param  array<string, array<string, ScopeControl>>  $groups  all that a style is made of, by group
     * @param  string  $script  the captions as ASS
     * @param  list<string>  $faces  addresses of the faces that draw them
     * @param  string|null  $proof  address of the bare video; null where there is none
     * @param  array<string, array{label: string, count: int}>  $mends  what would mend faint captions, by kind
     * @param  list<HistoryLine>  $history
     */
    public function __construct(
        public Short $short,
        public array $rows,
        public array $main,
        public array $groups,
        public string $script,
        public array $faces,
        public ?string $proof,
        public bool $isProofFresh,
        public ?string $proofProblem,
        public int $faint,
        public array $mends,
        public FrameShape $shape,
        public float $seconds,
        public ?string $undo,
        public ?string $redo,
        public array $history,
    ) {
    }

    /** In a sentence: how many captions there are, and what is the matter with them. */
    public function lead(): string
    {
        $count = count($this->rows);
        $made = count(array_filter($this->rows, static fn (CaptionRow $row): bool => $row->cue->from->isLocked));

        return implode(' · ', array_filter([
            $count === 1 ? '1 caption' : "$count captions",
            $made === 0 ? '' : "$made made by hand",
            match (true) {
                $this->isProofFresh && $this->faint === 0 => 'all stand out from their pictures',
                $this->isProofFresh => $this->faint === 1 ? '1 is faint' : "{$this->faint} are faint",
                $this->proofProblem !== null => '',
                default => 'being measured before their pictures…',
            },
        ], static fn (string $said): bool => $said !== ''));
    }
}
