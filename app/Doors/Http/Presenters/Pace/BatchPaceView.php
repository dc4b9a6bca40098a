<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Pace;

use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;

final readonly class BatchPaceView
{
    /**
     * @param  list<PaceRow>  $rows
     * @param  LengthAwarePaginator<int, Short>  $found
     */
    public function __construct(
        public Batch $batch,
        public array $rows,
        public LengthAwarePaginator $found,
    ) {
    }

    /**
     * Every measure over all that are shown.
     *
     * @return list<array{label: string, unit: string, mean: string, range: string, practice: string}>
     */
    public function measures(): array
    {
        $all = [];
        foreach (($this->rows[0] ?? null)->measures ?? [] as $i => $first) {
            /** @var non-empty-list<float> $values */
            $values = array_map(static fn (PaceRow $row): float => $row->measures[$i]->value, $this->rows);
            $all[] = [
                'label' => $first->label,
                'unit' => $first->unit,
                'mean' => $first->number(array_sum($values) / max(1, count($values))),
                'range' => $first->number(min($values)).' to '.$first->number(max($values)),
                'practice' => str_replace('usually ', '', $first->practice()),
            ];
        }

        return $all;
    }

    /** In a line: how many stand out, and by what. */
    public function lead(): string
    {
        $kinds = $out = [];
        foreach ($this->rows as $row) {
            foreach ($row->findings as $finding) {
                $kinds[$finding->code->brief()][$row->short->id] = true;
                $out[$row->short->id] = true;
            }
        }
        arsort($kinds);
        $says = array_map(
            static fn (string $kind, array $of): string => $kind.' in '.count($of),
            array_keys($kinds),
            array_values($kinds),
        );

        return $out === []
            ? 'Nothing stands out.'
            : sprintf('Something stands out in %d of %d: %s', count($out), count($this->rows), implode(' · ', $says));
    }
}
