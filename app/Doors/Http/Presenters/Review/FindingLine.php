<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Review;

use App\Doors\Http\Presenters\Guide;
use App\Makers\Reviewing\JudgedFinding;
use App\Shelves\Models\Short;
use RapidReel\Plan\Finding\FindingKind;
use RapidReel\Plan\Review\Check\Sureness;

/** A finding as a page shows it. */
final readonly class FindingLine
{
    public function __construct(
        private Short $short,
        public JudgedFinding $judged,
    ) {
    }

    public function key(): string
    {
        return $this->judged->finding->key();
    }

    public function label(): string
    {
        return $this->judged->finding->kind->label();
    }

    /** Of its part of the guide. */
    public function anchor(): string
    {
        return Guide::anchor($this->label());
    }

    public function message(): string
    {
        return $this->judged->finding->message;
    }

    /** Where it is, on the page on which that is mended by hand. */
    public function place(): string
    {
        $finding = $this->judged->finding;
        $ms = $finding->place->startMs;

        return match ($finding->kind) {
            FindingKind::FaintCaption, FindingKind::HastyCaption => route('captions.show', $this->short)."#at-$ms",
            FindingKind::Alignment => route('voice.show', $this->short),
            FindingKind::TextsLong => route('shorts.show', $this->short),
            default => route('sheet.show', $this->short)."#at-$ms",
        };
    }

    public function startMs(): ?int
    {
        return $this->judged->finding->place->scene === null ? null : $this->judged->finding->place->startMs;
    }

    public function at(): string
    {
        $ms = $this->startMs();

        return $ms === null ? 'all of it' : number_format($ms / 1000, 1).' s';
    }

    public function sure(): string
    {
        return match ($this->judged->finding->sure) {
            Sureness::Measured => 'measured',
            Sureness::Likely => 'likely',
            Sureness::Perhaps => 'perhaps',
        };
    }

    public function mend(): ?string
    {
        return $this->judged->finding->mend?->label;
    }

    public function rank(): string
    {
        return match (true) {
            ! $this->judged->counts() => 'ignored',
            $this->judged->stops() => 'stops',
            default => 'warns',
        };
    }

    /** Who ignores it and why; null where nobody does. */
    public function waived(): ?string
    {
        $waiver = $this->judged->waiver;

        return $waiver === null ? null : trim(sprintf(
            'Ignored here by %s, %s. %s', $waiver->user->name ?? 'somebody', $waiver->created_at->format('j M, H:i'),
            $waiver->note,
        ));
    }
}
