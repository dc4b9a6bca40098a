<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Short;

use App\Desks\Editing\EditBook;
use App\Doors\Http\Presenters\Axis;
use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ShortRow;
use App\Ground\Work\Line;
use App\Shelves\Levels\Resolver;
use App\Shelves\Likeness\LikenessBook;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use Illuminate\Support\Collection;
use RapidReel\Base\Target\Target;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Review\ScriptFlags;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\SettingsReader;
use RapidReel\Plan\Settings\SettingValues;

/** A short as its page shows it: scenes with their times, and shots with what stands in them, time running down. */
final readonly class ShortPage
{
    public function __construct(
        private LikenessBook $likenesses,
        private EditBook $edits,
        private Resolver $resolver,
    ) {
    }

    public function of(Short $short): ShortPageView
    {
        $short->load(['batch.channel', 'scenes.shots', 'notes', 'latestExport', 'latestDone', 'otherExports']);
        $summary = $short->cutSummary();
        // A cut of scenes that have changed since has times and pictures of others.
        $cut = $short->isPlanned() ? $short->plannedCut() : null;
        $flag = $this->likenesses->flags([$short->id], $short->batch_id)[$short->id] ?? null;
        $settled = $this->resolver->short($short);

        $axis = Axis::over($summary === null ? [] : [$summary]);
        $row = ShortRow::of($short, $axis, $flag === null ? [] : [$flag], line: new Line,
            more: SettingsReader::targets($settled)->more);

        return new ShortPageView(
            $short,
            $row,
            implode(' · ', array_filter([
                'Read by '.$settled->registry->get('voice')->type->says($settled->text('voice')),
                implode(' and ', array_map(
                    static fn (Target $target): string => $target->label,
                    SettingsReader::targets($settled)->all(),
                )),
                SettingsReader::split($settled)->label(),
                $short->publish_at === null ? '' : 'to be out '.$short->publish_at->format('j M Y, H:i'),
                $short->tags,
            ], static fn (string $said): bool => $said !== '')),
            $this->scenes($short, $summary, $cut),
            PageState::of($short, $this->edits, $row->isWorking),
        );
    }

    /** @return list<SceneLine> */
    private function scenes(Short $short, ?CutSummary $summary, ?Cut $cut): array
    {
        $ids = array_merge([], ...array_map(
            static fn (CutScene $scene): array => $scene->footage(),
            $cut->scenes ?? [],
        ));
        $footage = Footage::query()->whereKey(array_unique($ids))->get()->keyBy('id');
        $scripts = $short->manuscript()->scenes;
        $crowded = ScriptFlags::crowded($scripts);
        $notes = $short->notes->groupBy('scene_id');
        $above = $this->resolver->short($short);
        $lines = [];
        foreach ($short->scenes as $number => $scene) {
            [$start, $end] = $summary->scenes[$number] ?? [null, null];
            $here = $above->and(Level::Scene, $scene->settings);
            $lines[] = new SceneLine(
                $scene,
                $number,
                $start === null || $end === null ? null : [$start, $end],
                $this->shots($scene, $cut->scenes[$number]->shots ?? [], $footage, $here),
                $crowded[$number] ?? 1,
                array_values(($notes[$scene->id] ?? collect())->all()),
            );
        }

        return $lines;
    }

    /**
     * @param  array<CutShot>  $shots
     * @param  Collection<int, Footage>  $footage
     * @return list<ShotLine>
     */
    private function shots(Scene $scene, array $shots, Collection $footage, SettingValues $above): array
    {
        $rows = $scene->shots->keyBy('word');
        $lines = [];
        foreach ($shots as $shot) {
            $row = $rows->get($shot->word);
            $lines[] = new ShotLine(
                $shot,
                $footage->get((int) $shot->source->footage),
                $row !== null && $row->locked,
                $row,
                $row === null ? '' : self::says($shot, $above->and(Level::Shot, $row->settings)),
                $row === null ? null : route('framing.show', [$scene, $shot->word]),
            );
        }

        return $lines;
    }

    /** What is set of the window of a shot. */
    private static function says(CutShot $shot, SettingValues $here): string
    {
        $key = $shot->source->isClip() ? 'framing' : 'motion';

        return $here->registry->get($key)->type->says($here->value($key));
    }
}
