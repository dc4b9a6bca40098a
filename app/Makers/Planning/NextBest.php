<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Scene;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Footage\Matching\FootageMatcher;
use RapidReel\Pictures\Footage\Matching\ShotMatch;
use RapidReel\Pictures\Footage\ShotNeed;

/** The pictures that fit one shot best, beside the one that it shows. */
final readonly class NextBest
{
    private const COUNT = 5;

    public function __construct(
        private ShortShelves $shelves,
        private SceneTasks $tasks,
    ) {
    }

    /**
     * @return list<array{Footage, string}> each with why, in words
     *
     * @throws StrangePlace
     * @throws Refusal
     * @throws ToolFailed
     */
    public function of(Scene $scene, int $word): array
    {
        $short = $scene->short->loadMissing(['batch.channel', 'scenes.shots', 'readings']);
        $shelf = $this->shelves->of($short);
        $library = array_values($shelf->footage);
        if ($library === []) {
            return [];
        }
        $shown = (string) ($scene->shots->firstWhere('word', $word)->footage_id ?? '');
        $matcher = new FootageMatcher(
            $this->tasks->of($short)[0]->voice->language, $short->subject(), of: $shelf->collection,
        );
        $best = array_filter(
            $matcher->best(
                new ShotNeed($scene->wordsOver($word), $scene->text, 1_000, null, $scene->brief),
                $library,
                self::COUNT + 1,
            ),
            static fn (ShotMatch $match): bool => $match->footage->id !== $shown,
        );
        $ids = array_map(static fn (ShotMatch $match): int => (int) $match->footage->id, $best);
        $rows = Footage::query()->findMany($ids)->keyBy('id');
        $found = [];
        foreach (array_slice($best, 0, self::COUNT) as $match) {
            $row = $rows->get((int) $match->footage->id);
            if ($row !== null) {
                $found[] = [$row, $match->why];
            }
        }

        return $found;
    }
}
