<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Footage;

use App\Desks\Editing\EditBook;
use App\Shelves\Library\LibraryFilter;
use App\Shelves\Models\Channel;
use App\Shelves\Models\EditPart;
use App\Shelves\Models\Footage;
use Illuminate\Support\Facades\DB;

/** The library as its page shows it. */
final readonly class FootagePage
{
    public const EACH = 60;

    public function __construct(private EditBook $edits)
    {
    }

    public function of(Channel $channel, LibraryFilter $filter, int $channels): FootageView
    {
        $found = $filter->of($channel)->orderByDesc('id')->paginate(self::EACH)->withQueryString();
        $ids = array_map(static fn (Footage $one): int => $one->id, $found->items());
        $used = [];
        foreach (DB::table('shots')
            ->join('scenes', 'scenes.id', '=', 'shots.scene_id')
            ->join('shorts', 'shorts.id', '=', 'scenes.short_id')
            ->whereIn('shots.footage_id', $ids)
            ->whereNull('shorts.deleted_at')
            ->distinct()
            ->get(['shots.footage_id', 'shorts.id', 'shorts.title']) as $row) {
            $used[(int) $row->footage_id][(int) $row->id] = (string) $row->title;
        }
        $near = Footage::query()
            ->whereKey(array_filter(array_map(static fn (Footage $one): ?int => $one->near_id, $found->items())))
            ->pluck('name', 'id')
            ->all();

        return new FootageView(
            $channel,
            $filter,
            $found,
            Footage::at($channel)->count(),
            self::collections($channel),
            new FootageTies($used, $near),
            $channels,
            [
                $this->edits->last($channel, EditPart::Library),
                $this->edits->next($channel, EditPart::Library),
            ],
        );
    }

    /** @return list<string> */
    public static function collections(Channel $channel): array
    {
        return array_values(
            Footage::at($channel)->where('collection', '!=', '')->distinct()->orderBy('collection')
                ->pluck('collection')->all(),
        );
    }
}
