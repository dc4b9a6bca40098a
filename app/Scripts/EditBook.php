<?php

declare(strict_types=1);

namespace App\Scripts;

use App\Jobs\PlanShort;
use App\Models\Batch;
use App\Models\Edit;
use App\Models\Short;
use App\Shorts\ProblemForOperator;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use InvalidArgumentException;
use Throwable;

/** Changes shorts so that every change can be undone, the last first. */
final readonly class EditBook
{
    /** So many changes of a batch are remembered. */
    private const MOST_STROKES = 60;

    public function __construct(private Snapshot $snapshots)
    {
    }

    /**
     * Runs a change, all of it or none, and has the shorts planned anew.
     *
     * @param  list<Short>  $shorts  all that it may change
     * @param  callable(): list<Short>  $change  returns those that it made; refuses what is not possible (InvalidArgumentException)
     * @return list<Short> those that were made
     *
     * @throws ProblemForOperator when something about the change is not possible
     */
    public function record(Batch $batch, string $what, array $shorts, callable $change): array
    {
        try {
            [$made, $changed] = DB::transaction(function () use ($batch, $what, $shorts, $change): array {
                $stroke = (string) Str::uuid();
                $before = array_map($this->snapshots->of(...), $shorts);
                $made = $change();
                $changed = [];
                foreach ($shorts as $i => $short) {
                    if ($before[$i] !== $this->snapshots->of($short->unsetRelations())) {
                        $changed[] = $short;
                        $this->keep($batch, $short, $stroke, $what, $before[$i]);
                    }
                }
                foreach ($made as $short) {
                    $this->keep($batch, $short, $stroke, $what, '');
                }
                $this->prune($batch);

                return [$made, $changed];
            });
        } catch (Throwable $problem) {
            // The core's refusals are in the operator's words.
            throw $problem instanceof InvalidArgumentException ? new ProblemForOperator($problem->getMessage(), previous: $problem) : $problem;
        }
        foreach ([...$changed, ...$made] as $short) {
            if (! $short->trashed()) {
                PlanShort::dispatch($short->id);
            }
        }

        return $made;
    }

    /** What would be undone next in a batch, or of one short; null where there is nothing. */
    public function last(Batch|Short $of): ?string
    {
        return Edit::query()->where($of instanceof Batch ? 'batch_id' : 'short_id', $of->id)->latest('id')->value('what');
    }

    /** @return string what was undone */
    public function undo(Batch|Short $of): string
    {
        $column = $of instanceof Batch ? 'batch_id' : 'short_id';
        [$what, $ids] = DB::transaction(function () use ($of, $column): array {
            $last = Edit::query()->where($column, $of->id)->latest('id')->first() ?? throw new ProblemForOperator('There is nothing left to undo.');
            $edits = Edit::query()->where($column, $of->id)->where('stroke', $last->stroke)->latest('id')->get();
            foreach ($edits as $edit) {
                $short = Short::withTrashed()->findOrFail($edit->short_id);
                // One that the change had made is taken away again.
                if ($edit->before === '') {
                    $short->delete();
                } else {
                    $this->snapshots->restore($short, $edit->before);
                }
                $edit->delete();
            }

            return [$last->what, $edits->pluck('short_id')->all()];
        });
        foreach ($ids as $id) {
            PlanShort::dispatch($id);
        }

        return $what;
    }

    private function keep(Batch $batch, Short $short, string $stroke, string $what, string $before): void
    {
        Edit::query()->create(['batch_id' => $batch->id, 'short_id' => $short->id, 'stroke' => $stroke, 'what' => $what, 'before' => $before]);
    }

    private function prune(Batch $batch): void
    {
        $kept = DB::table('edits')->where('batch_id', $batch->id)->groupBy('stroke')->orderByRaw('max(id) desc')->limit(self::MOST_STROKES)->pluck('stroke');
        if ($kept->count() === self::MOST_STROKES) {
            Edit::query()->where('batch_id', $batch->id)->whereNotIn('stroke', $kept)->delete();
        }
    }
}
