<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use App\Models\Footage;
use App\Models\Scene;
use App\Models\Short;
use RapidReel\Cut\Cut;
use RapidReel\Cut\CutShot;

/** A short as its page shows it: scenes with their times, and shots with what stands in them, time running down. */
final readonly class Sheet
{
    /**
     * @param  list<array{scene: Scene, start: string|null, end: string|null, seconds: string|null, shots: list<array{number: int, start: string, seconds: string, footage: Footage|null, pinned: bool}>}>  $scenes
     */
    private function __construct(
        public Short $short,
        public ShortRow $row,
        public ?Cut $cut,
        public array $scenes,
    ) {
    }

    public static function of(Short $short): self
    {
        $short->load(['batch', 'scenes.picks', 'latestExport', 'latestDone']);
        $cut = $short->plannedCut();
        $ids = $cut === null ? [] : array_merge([], ...array_map(static fn ($scene): array => array_map(static fn (CutShot $shot): string => $shot->footage, $scene->shots), $cut->scenes));
        $footage = Footage::query()->whereKey(array_unique($ids))->get()->keyBy('id');

        $scenes = [];
        foreach ($short->scenes as $number => $scene) {
            $timed = $cut?->scenes[$number] ?? null;
            $pinned = $scene->picks->where('pinned', true)->pluck('shot')->all();
            $shots = [];
            foreach ($timed->shots ?? [] as $i => $shot) {
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
                'start' => $timed === null ? null : self::clock($timed->startMs),
                'end' => $timed === null ? null : self::clock($timed->endMs),
                'seconds' => $timed === null ? null : number_format(($timed->endMs - $timed->startMs) / 1000, 1),
                'shots' => $shots,
            ];
        }

        return new self($short, ShortRow::of($short), $cut, $scenes);
    }

    private static function clock(int $ms): string
    {
        return sprintf('%d:%04.1f', intdiv($ms, 60_000), ($ms % 60_000) / 1000);
    }
}
