<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use App\Models\Batch;
use App\Models\Export;
use App\Models\Short;
use App\Scripts\EditBook;
use App\Scripts\LikenessBook;
use Illuminate\Support\Carbon;

/** A batch as its page shows it. What a row needs is read; scripts and cuts stay in the database. */
final readonly class Rundown
{
    private const COLUMNS = ['id', 'batch_id', 'number', 'title', 'voice', 'profile', 'revision', 'planned_revision', 'problem', 'summary', 'variant_of', 'publish_at', 'updated_at'];

    public function __construct(
        private LikenessBook $likenesses,
        private EditBook $edits,
    ) {
    }

    /**
     * @param  Carbon|null  $since  with it, only rows that changed since then
     * @return array{rows: array<int, ShortRow>, ids: list<int>, axis: Axis, working: bool, done: int, undo: string|null, counts: array<string, int>, names: array<int, string>}
     */
    public function of(Batch $batch, ?Carbon $since = null): array
    {
        $shorts = $batch->shorts()->with(['latestExport', 'latestDone'])->withCount('scenes')->get(self::COLUMNS);
        $ids = array_map(intval(...), $shorts->modelKeys());
        $flags = $this->likenesses->flags($ids, $batch->id);
        $axis = Axis::over(array_values(array_filter($shorts->map(static fn (Short $short) => $short->cutSummary())->all())));
        $rows = [];
        foreach ($shorts as $short) {
            $rows[$short->id] = ShortRow::of($short, $axis, isset($flags[$short->id]) ? [$flags[$short->id]] : []);
        }
        $count = static fn (string $group): int => count(array_filter($rows, static fn (ShortRow $row): bool => in_array($group, explode(' ', $row->groups()), true)));

        return [
            'rows' => $since === null ? $rows : array_filter($rows, static fn (ShortRow $row): bool => self::isChanged($row, $since)),
            'ids' => $ids,
            'axis' => $axis,
            'working' => array_filter($rows, static fn (ShortRow $row): bool => $row->isWorking) !== [],
            'done' => count(array_filter($rows, static fn (ShortRow $row): bool => $row->done !== null)),
            'undo' => $this->edits->last($batch),
            'counts' => ['flagged' => $count('flagged'), 'over' => $count('over'), 'late' => $count('late'), 'open' => $count('open'), 'ready' => $count('ready'), 'failed' => $count('failed')],
            'names' => $shorts->mapWithKeys(static fn (Short $short): array => [$short->id => sprintf('%02d', $short->number)])->all(),
        ];
    }

    private static function isChanged(ShortRow $row, Carbon $since): bool
    {
        return $row->isWorking
            || $row->short->updated_at >= $since
            || array_filter([$row->export, $row->done], static fn (?Export $export): bool => $export !== null && $export->updated_at >= $since) !== [];
    }
}
