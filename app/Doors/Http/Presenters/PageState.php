<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use App\Desks\Editing\EditBook;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\EditPart;
use App\Shelves\Models\Short;

/** How it stands with what a page shows: whether it goes on by itself, what was changed, and what can be taken back. */
final readonly class PageState
{
    /**
     * @param  bool  $isWorking  whether the page is to ask again
     * @param  int|null  $revision  of the short; null where the page shows more than one
     * @param  string|null  $undo  what would be taken back
     * @param  string|null  $redo  what would be done again
     * @param  list<HistoryLine>  $history
     */
    private function __construct(
        public bool $isWorking,
        public ?int $revision,
        public ?string $undo,
        public ?string $redo,
        public array $history,
    ) {
    }

    public static function of(Batch|Channel|Short $of, EditBook $edits, bool $isWorking): self
    {
        return new self(
            $isWorking,
            $of instanceof Short ? $of->revision : null,
            $edits->last($of),
            $edits->next($of),
            HistoryLine::of($of),
        );
    }

    /** Of what of a channel has a history of its own. */
    public static function ofPart(Channel $channel, EditPart $part, EditBook $edits, bool $isWorking): self
    {
        return new self($isWorking, null, $edits->last($channel, $part), $edits->next($channel, $part), []);
    }

    /** @return array{working: bool, undo: string|null, redo: string|null, revision?: int} as page scripts read it */
    public function toArray(): array
    {
        return [
            'working' => $this->isWorking, 'undo' => $this->undo, 'redo' => $this->redo,
            ...($this->revision === null ? [] : ['revision' => $this->revision]),
        ];
    }

    /** @return array<string, mixed> the same with the list of changes as it is drawn, for a page that is open */
    public function drawn(): array
    {
        return [
            ...$this->toArray(),
            'history' => view('history._list', ['history' => $this->history])->render(),
        ];
    }
}
