<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Review;

use App\Shelves\Models\Export;
use App\Shelves\Models\Verdict;

/** One short as a guest is shown it. */
final readonly class GuestDetail
{
    /** @param  list<Verdict>  $earlier  the last first */
    public function __construct(
        public ReviewRow $row,
        public ?Export $file,
        public array $earlier,
    ) {
    }

    public function canClear(): bool
    {
        return $this->file !== null && $this->row->review->shown !== null && $this->row->stops() === 0;
    }

    /** @return array<string, mixed> as the page's script reads it */
    public function toArray(): array
    {
        $short = $this->row->short();

        return [
            'id' => $short->id,
            'seen' => $short->looksLike(),
            // Named by its export, so that another is another address.
            'file' => $this->file === null ? null : route('guest.file', [
                'number' => $short->id, 'v' => $this->file->id,
            ]),
            'seconds' => ($short->cutSummary()?->wholeMs() ?? 0) / 1000,
            'mends' => 0, 'proof' => null, 'script' => '', 'faces' => [],
        ];
    }
}
