<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Footage;

use App\Ground\Work\Line;
use App\Shelves\Library\LibraryFilter;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use Illuminate\Pagination\LengthAwarePaginator;

final readonly class FootageView
{
    private Line $line;

    /**
     * @param  LengthAwarePaginator<int, Footage>  $found
     * @param  array<string>  $collections
     * @param  array{string|null, string|null}  $history  what would be undone next, and done again
     */
    public function __construct(
        public Channel $channel,
        public LibraryFilter $filter,
        public LengthAwarePaginator $found,
        public int $total,
        public array $collections,
        public FootageTies $ties,
        public int $channels,
        public array $history,
    ) {
        $this->line = new Line;
    }

    /** What it waits for that it is looked through or mended; empty where it is in hand. */
    public function waits(Footage $one): string
    {
        $waits = $this->line->waitsFor(($one->mended_by === null ? 'footage:' : 'mend:').$one->id);

        return $waits === null ? '' : "waits: {$waits->fully}";
    }

    /** Whether what could not be looked through is kept, to be looked through again. */
    public function isKept(Footage $one): bool
    {
        return $one->mended_by === null && $one->seal !== null;
    }

    /** In a sentence: how much there is, and how much of it is shown. */
    public function lead(): string
    {
        return $this->filter->isPlain()
            ? "{$this->total} clips and stills. Their tags are what the words of a script are matched with."
            : sprintf('%d of %d clips and stills.', $this->found->total(), $this->total);
    }

    public function usedSays(int $id): string
    {
        $count = count($this->ties->used[$id] ?? []);

        return $count === 0 ? 'never used' : ($count === 1 ? 'in 1 short' : "in $count shorts");
    }
}
