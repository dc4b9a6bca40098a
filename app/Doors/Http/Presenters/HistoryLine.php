<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Edit;
use App\Shelves\Models\EditPart;
use App\Shelves\Models\Short;
use Illuminate\Database\Eloquent\Collection;

/** One change, as the list of changes shows it. */
final readonly class HistoryLine
{
    private const MOST = 60;

    private function __construct(
        public string $what,
        public string $when,
        public string $by,
        public string $which,
        public bool $isUndone,
        public ?string $look,
    ) {
    }

    /** @return list<self> the newest first; of several that were changed together one */
    public static function of(Channel|Batch|Short $of): array
    {
        /** @var Collection<int, Edit> $edits */
        $edits = Edit::query()
            ->with('user')
            ->select(['id', 'short_id', 'batch_id', 'user_id', 'act', 'what', 'undone_at', 'created_at'])
            ->selectRaw("before = '' as made")
            ->when($of instanceof Short, static fn ($query) => $query->where('short_id', $of->id))
            ->when($of instanceof Batch, static fn ($query) => $query->where('batch_id', $of->id))
            ->when(
                $of instanceof Channel,
                static fn ($query) => $query->where('channel_id', $of->id)->whereNull('batch_id')
                    ->where(EditPart::amongSettings(...)),
            )
            ->latest('id')
            ->limit(5 * self::MOST)
            ->get();
        $numbers = Short::withTrashed()
            ->whereKey($edits->pluck('short_id')->filter()->unique()->all())
            ->pluck('number', 'id')
            ->all();
        $lines = [];
        foreach ($edits->groupBy('act') as $together) {
            /** @var Edit $edit */
            $edit = $together->first();
            $which = array_map(
                static fn (int $id): string => sprintf('%02d', $numbers[$id] ?? 0),
                $together->pluck('short_id')->filter()->reverse()->values()->all(),
            );
            $lines[] = new self(
                $edit->what,
                $edit->created_at->isToday() ? $edit->created_at->format('H:i') : $edit->created_at->format('j M, H:i'),
                $edit->user->name ?? '',
                count($which) > 6 ? count($which).' shorts' : implode(', ', $which),
                $edit->undone_at !== null,
                $of instanceof Short && ! $edit->getAttribute('made') ? route('history.show', [$of, $edit]) : null,
            );
        }

        return array_slice($lines, 0, self::MOST);
    }
}
