<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use App\Ground\Work\Line;
use App\Ground\Work\Waits;
use App\Makers\Proofs\Proof;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Short;
use RapidReel\Base\Target\Target;
use RapidReel\Making\Render\Quality;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;

/** A short as one row of its batch. */
final readonly class ShortRow
{
    /**
     * @param  list<Flag>  $flags
     * @param  list<OtherTarget>  $others  what it is made for as well
     * @param  Waits|null  $waits  what it waits for and how long that may take; null where it does not
     * @param  array{voice?: string, beside?: string, number?: string, language?: string}  $told  who reads it, the
     *   number of the short that it tries another hook of, empty where it does not, the number that it stands at, and
     *   the language of a version
     */
    private function __construct(
        public Short $short,
        public ?CutStrip $strip,
        public array $flags,
        public string $state,
        public bool $isWorking,
        public array $others,
        public ?Waits $waits,
        public array $told,
    ) {
    }

    /**
     * @param  list<Flag>  $flags  told of it beside those of its cut
     * @param  array{voice?: string, beside?: string, number?: string, language?: string}  $told
     * @param  list<Target>  $more  what it is made for as well
     */
    public static function of(
        Short $short,
        Axis $axis,
        array $flags = [],
        array $told = [],
        ?Line $line = null,
        array $more = [],
    ): self {
        $others = array_map(static fn (Target $target): OtherTarget => OtherTarget::of($short, $target), $more);
        $summary = $short->cutSummary();
        $export = $short->latestExport;
        $done = $short->latestDone;
        $isSeen = $summary !== null && $summary->hashes->pixels === $done?->pixels;
        $stale = self::isOld($short);

        return new self(
            $short,
            $summary === null ? null : CutStrip::of($summary, $axis),
            array_values(
                array_filter(
                    [...$summary->flags ?? [], ...$flags, ...self::faint($short)],
                    static fn (Flag $flag): bool => $flag->code !== FlagCode::Estimated,
                ),
            ),
            match (true) {
                $export === null => 'not exported',
                $export->state === ExportState::Queued => $export->doing !== '' ? $export->doing : 'waiting',
                $export->state === ExportState::Running => $export->doing !== '' ? $export->doing : 'starting',
                $export->state === ExportState::Cancelling => 'stopping',
                $export->state === ExportState::Cancelled => 'stopped',
                $export->state === ExportState::Failed => 'failed',
                $stale && $short->isPlanned() && $isSeen => 'sound changed since',
                $stale => 'edited since',
                default => 'ready',
            },
            ($export !== null && $export->state->isOpen()) ||
                array_filter($others, static fn (OtherTarget $one): bool => $one->isOpen()) !== [] ||
                ($short->problem === null && ! $short->isPlanned() && $export?->state !== ExportState::Failed),
            $others,
            match (true) {
                $export?->state === ExportState::Queued => $line?->waitsFor("export:{$export->id}"),
                $short->problem === null && ! $short->isPlanned() => $line?->waitsFor("short:{$short->id}"),
                default => null,
            },
            $told,
        );
    }

    /** @return list<Flag> what was measured of its captions on their pictures */
    private static function faint(Short $short): array
    {
        $proof = Proof::of($short);
        $faint = $proof !== null && $proof->isOf($short) ? count($proof->faint()) : 0;

        return $faint === 0 ? [] : [new Flag(
            FlagCode::LowContrast,
            ($faint === 1 ? '1 caption does' : "$faint captions do")
                .' not stand out from what is behind: mend that on the page of captions.',
        )];
    }

    /** Where it stands among others by number: versions after what they are versions of. */
    public function place(): float
    {
        return (int) ($this->told['number'] ?? $this->short->number)
            + ($this->short->version_of === null ? 0 : 0.1 + $this->short->number / 100_000);
    }

    /** What the short is made of; null where no times are known. */
    public function summary(): ?CutSummary
    {
        return $this->strip?->summary;
    }

    /** The order for its video that was given last. */
    public function export(): ?Export
    {
        return $this->short->latestExport;
    }

    /** The video that was made last. */
    public function done(): ?Export
    {
        return $this->short->latestDone;
    }

    /** Whether it was edited since it was made. */
    public function isStale(): bool
    {
        return self::isOld($this->short);
    }

    private static function isOld(Short $short): bool
    {
        return $short->latestDone !== null && ! $short->isExportFresh();
    }

    /** Whether what can be downloaded is a draft. */
    public function isDraft(): bool
    {
        return $this->done()?->quality === Quality::Draft;
    }

    /** What its file is: final, draft or outdated; empty where there is none. */
    public function leaves(): string
    {
        return $this->short->leaving()[1]->value ?? '';
    }

    /** Whether nothing comes next for it but to be downloaded. */
    public function isFinished(): bool
    {
        return $this->state === 'ready' && ! $this->isDraft();
    }

    /** @return list<string> under which choices of the filter it is shown */
    public function groups(): array
    {
        return array_keys(array_filter([
            'flagged' => $this->flags !== [] || $this->short->problem !== null,
            'over' => $this->summary()?->isOver() === true,
            'late' => $this->summary()?->isHookLate() === true,
            'open' => $this->state !== 'ready',
            'ready' => $this->state === 'ready',
            'failed' => $this->state === 'failed' || $this->short->problem !== null,
        ]));
    }
}
