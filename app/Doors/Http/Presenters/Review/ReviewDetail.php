<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Review;

use App\Doors\Http\Presenters\Stage;
use App\Makers\Reviewing\JudgedFinding;
use App\Shelves\Models\Export;
use App\Shelves\Models\Short;
use App\Shelves\Models\Verdict;
use RapidReel\Making\Render\Quality;

/** One short that is reviewed: what plays, what speaks against it, what was said of it. */
final readonly class ReviewDetail
{
    /**
     * @param  Export|null  $file  that plays; null for what it will be
     * @param  list<Verdict>  $earlier  the last first
     */
    public function __construct(
        public ReviewRow $row,
        public ?Export $file,
        private Stage $stage,
        private int $lengthMs,
        public array $earlier,
    ) {
    }

    public function short(): Short
    {
        return $this->row->short();
    }

    /** @return list<FindingLine> */
    public function findings(): array
    {
        return array_map(
            fn (JudgedFinding $one): FindingLine => new FindingLine($this->short(), $one),
            $this->row->review->shown ?? [],
        );
    }

    /** @return list<array{message: string, start_ms: int|null}> of the finished file */
    public function fileFindings(): array
    {
        $found = [];
        foreach ($this->file->findings ?? [] as $one) {
            $found[] = ['message' => $one['message'], 'start_ms' => $one['start_ms'] ?? null];
        }

        return $found;
    }

    /** What it is that plays. */
    public function plays(): string
    {
        return match ($this->file?->quality) {
            Quality::Final => 'The finished file',
            null => 'As it will be',
            default => 'The draft',
        };
    }

    public function canClear(): bool
    {
        return $this->row->review->shown !== null && $this->row->stops() === 0;
    }

    /** @return array<string, mixed> as the page's script reads it */
    public function toArray(): array
    {
        $short = $this->short();

        return [
            'id' => $short->id,
            'seen' => $short->looksLike(),
            'file' => $this->file === null ? null : route('exports.file', [$this->file, 'mp4']),
            'seconds' => $this->lengthMs / 1000,
            'mends' => count($this->row->review->mendable()),
            ...$this->stage->toArray(),
        ];
    }
}
