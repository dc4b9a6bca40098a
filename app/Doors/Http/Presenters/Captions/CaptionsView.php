<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Captions;

use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ScopeControl;
use App\Doors\Http\Presenters\Stage;
use App\Makers\Proofs\Proof;
use App\Shelves\Models\Short;
use RapidReel\Captions\Contrast\MendKind;

final readonly class CaptionsView
{
    /**
     * @param  list<CaptionRow>  $rows
     * @param  array<string, ScopeControl>  $main  style, and whether there are captions
     * @param  array<string, array<string, ScopeControl>>  $groups  all that a style is made of, by group
     * @param  Proof|null  $measured  how clear they stand before their pictures; null where that is not known
     * @param  float  $seconds  how long the short is
     */
    public function __construct(
        public Short $short,
        public array $rows,
        public array $main,
        public array $groups,
        public ?Proof $measured,
        public float $seconds,
        public Stage $stage,
        public PageState $state,
    ) {
    }

    /** How many captions do not stand out from their pictures. */
    public function faint(): int
    {
        return count($this->measured?->faint() ?? []);
    }

    /** @return array<string, array{label: string, count: int}> what would mend faint captions, by kind */
    public function mends(): array
    {
        $mends = [];
        foreach ($this->measured?->faint() ?? [] as $cue) {
            foreach ($cue->mends as $mend) {
                $kind = MendKind::from($mend['kind']);
                $mends[$kind->value] = [
                    'label' => $kind->label(), 'count' => ($mends[$kind->value]['count'] ?? 0) + 1,
                ];
            }
        }

        return $mends;
    }

    /** In a sentence: how many captions there are, and what is the matter with them. */
    public function lead(): string
    {
        $count = count($this->rows);
        $faint = $this->faint();
        $made = count(array_filter($this->rows, static fn (CaptionRow $row): bool => $row->cue->from->isLocked));

        return implode(' · ', array_filter([
            $count === 1 ? '1 caption' : "$count captions",
            $made === 0 ? '' : "$made made by hand",
            match (true) {
                $this->measured !== null && $faint === 0 => 'all stand out from their pictures',
                $this->measured !== null => $faint === 1 ? '1 is faint' : "$faint are faint",
                $this->short->proof_problem !== null => '',
                default => 'being measured before their pictures…',
            },
        ], static fn (string $said): bool => $said !== ''));
    }
}
