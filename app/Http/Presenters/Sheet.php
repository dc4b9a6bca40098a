<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use App\Models\Footage;
use App\Models\Scene;
use App\Models\Short;
use App\Scripts\EditBook;
use App\Scripts\LikenessBook;
use RapidReel\Cut\Cut;
use RapidReel\Cut\CutShot;
use RapidReel\Cut\CutSummary;
use RapidReel\Review\ScriptFlags;

/** A short as its page shows it: scenes with their times, and shots with what stands in them, time running down. */
final readonly class Sheet
{
    public function __construct(
        private LikenessBook $likenesses,
        private EditBook $edits,
    ) {
    }

    /** @return array{short: Short, row: ShortRow, scenes: list<array<string, mixed>>, undo: string|null} */
    public function of(Short $short): array
    {
        $short->load(['batch', 'scenes.picks', 'notes', 'latestExport', 'latestDone']);
        $summary = $short->cutSummary();
        // A cut of scenes that have changed since has times and pictures of others.
        $cut = $short->isPlanned() ? $short->plannedCut() : null;
        $flag = $this->likenesses->flags([$short->id], $short->batch_id)[$short->id] ?? null;

        return [
            'short' => $short,
            'row' => ShortRow::of($short, Axis::over($summary === null ? [] : [$summary]), $flag === null ? [] : [$flag]),
            'scenes' => $this->scenes($short, $summary, $cut),
            'undo' => $this->edits->last($short),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function scenes(Short $short, ?CutSummary $summary, ?Cut $cut): array
    {
        $ids = $cut === null ? [] : array_merge([], ...array_map(static fn ($scene): array => array_map(static fn (CutShot $shot): string => $shot->footage, $scene->shots), $cut->scenes));
        $footage = Footage::query()->whereKey(array_unique($ids))->get()->keyBy('id');
        $crowded = ScriptFlags::crowded($short->manuscript()->scenes);
        $notes = $short->notes->groupBy('scene_id');
        $scenes = [];
        /** @var Scene $scene */
        foreach ($short->scenes as $number => $scene) {
            [$start, $end] = $summary->scenes[$number] ?? [null, null];
            $pinned = $scene->picks->where('pinned', true)->pluck('shot')->all();
            $shots = [];
            foreach ($cut->scenes[$number]->shots ?? [] as $i => $shot) {
                $shots[] = [
                    'number' => $i,
                    'start' => self::clock($shot->startMs),
                    'seconds' => number_format(($shot->endMs - $shot->startMs) / 1000, 1),
                    'footage' => $footage->get((int) $shot->footage),
                    'pinned' => in_array($i, $pinned, true),
                ];
            }
            $scenes[] = [
                'scene' => $scene,
                'ms' => $start,
                'start' => $start === null ? null : self::clock($start),
                'seconds' => $start === null ? null : number_format(($end - $start) / 1000, 1),
                'shots' => $shots,
                'sentences' => $crowded[$number] ?? 1,
                'before' => ($notes[$scene->id] ?? collect())->where('offset', 0),
                'within' => ($notes[$scene->id] ?? collect())->where('offset', '>', 0),
                'last' => $number === $short->scenes->count() - 1,
            ];
        }

        return $scenes;
    }

    private static function clock(int $ms): string
    {
        return sprintf('%d:%04.1f', intdiv($ms, 60_000), ($ms % 60_000) / 1000);
    }
}
