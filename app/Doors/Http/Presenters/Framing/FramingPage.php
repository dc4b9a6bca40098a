<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Framing;

use App\Desks\Editing\EditBook;
use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ScopeControl;
use App\Makers\Planning\LiveFraming;
use App\Makers\Planning\ShotFraming;
use App\Shelves\Models\Scene;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\FrameWindow;
use RapidReel\Pictures\Framing\Path\PathProblem;
use RapidReel\Pictures\Framing\Path\PathProblems;
use RapidReel\Pictures\Framing\Path\Pin;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\SettingsReader;

/** The framing of one shot: its source, its window, and where the interest lies. */
final readonly class FramingPage
{
    private const STEP_MS = 40;

    private const CLIP_SETTINGS = ['framing', 'closeness', 'ground_top', 'ground_bottom'];

    private const STILL_SETTINGS = [
        'framing', 'closeness', 'motion', 'motion_strength', 'motion_easing', 'ground_top', 'ground_bottom',
    ];

    public function __construct(
        private LiveFraming $framing,
        private EditBook $edits,
    ) {
    }

    public function of(Scene $scene, int $word): FramingView
    {
        $short = $scene->short;
        $framing = $this->framing->of($scene, $word);
        $isStill = $framing->footage->duration_ms === 0;
        $problems = $this->problems($framing);
        [$before, $after] = $this->neighbours($scene, $word);

        return new FramingView(
            new FramingPlace($scene, $word, $before, $after),
            $framing,
            ScopeControl::all(
                Level::Shot,
                $framing->set->settled,
                $framing->set->above,
                $short->batch->channel_id,
                $framing->set->row,
                'the shot',
                $isStill ? self::STILL_SETTINGS : self::CLIP_SETTINGS,
            ),
            $problems,
            $this->drawn($framing, $problems),
            PageState::of($short, $this->edits, $framing->map === null),
        );
    }

    /**
     * @param  list<array{kind: string, label: string, from: int, to: int, at: string}>  $problems
     * @return array<string, mixed>
     */
    private function drawn(ShotFraming $framing, array $problems): array
    {
        $footage = $framing->footage;
        $isStill = $footage->duration_ms === 0;
        $inMs = $isStill ? 0 : $framing->shot->play->inMs;
        $aspect = SettingsReader::targets($framing->set->settled)->frame()->aspect();
        $windows = [];
        for ($ms = 0; $ms <= $framing->lengthMs(); $ms += self::STEP_MS) {
            $window = $framing->framed->path->at($ms);
            $width = FrameWindow::width($window->scale, $footage->width, $footage->height, $aspect);
            $windows[] = [
                $inMs + $ms,
                round($window->x, 5),
                round($window->y, 5),
                round($width, 5),
                round($window->scale, 5),
            ];
        }
        $map = $framing->map;
        $first = $map === null ? 0 : min($map->moments() - 1, intdiv($inMs, $map->stepMs));
        $count = $map === null ? 0 : max(1, (int) ceil($framing->lengthMs() / $map->stepMs));

        return [
            'file' => route('footage.file', $footage),
            'still' => $isStill,
            'width' => $footage->width,
            'height' => $footage->height,
            'aspect' => round($aspect, 5),
            'largest' => FramePath::centred($footage->width, $footage->height, $aspect)->at(0)->scale,
            'in' => $inMs,
            'length' => $framing->lengthMs(),
            'windows' => $windows,
            'backdrop' => $framing->framed->backdrop?->value,
            'ground' => [$framing->choice->top, $framing->choice->bottom],
            'pins' => array_map(static fn (Pin $pin): array => $pin->toArray(), $framing->pins),
            'close' => $framing->choice->close / 100,
            'step' => $map === null ? 125 : $map->stepMs,
            'interest' => $map === null
                ? []
                : array_map(base64_encode(...), array_slice($map->across, $first, $count)),
            'problems' => $problems,
        ];
    }

    /** @return list<array{kind: string, label: string, from: int, to: int, at: string}> */
    private function problems(ShotFraming $framing): array
    {
        if ($framing->map === null || $framing->framed->backdrop !== null || $framing->footage->duration_ms === 0) {
            return [];
        }
        $targets = SettingsReader::targets($framing->set->settled);
        $in = $framing->shot->play->inMs;
        $length = $framing->lengthMs();
        $points = [];
        foreach ($framing->framed->path->points as $ms => $window) {
            $points[$in + $ms] = $window;
        }

        return array_map(static fn (PathProblem $problem): array => [
            'kind' => $problem->kind->value,
            'label' => $problem->kind->label(),
            'from' => max($in, $problem->fromMs),
            'to' => $problem->toMs,
            'at' => number_format((max($in, $problem->fromMs) - $in) / 1000, 1).' s',
        ], PathProblems::of(
            $framing->map,
            new FramePath($points),
            $in,
            $in + $length,
            $targets->frame()->aspect(),
            $targets->main->picture->size($targets->shape)[1],
        ));
    }

    /** @return array{string|null, string|null} addresses of the shots beside it */
    private function neighbours(Scene $scene, int $word): array
    {
        $all = [];
        foreach ($scene->short->scenes as $one) {
            foreach ($one->shots->sortBy('word') as $shot) {
                $all[] = [$one->id, $shot->word];
            }
        }
        $at = array_search([$scene->id, $word], $all, true);
        $address = static fn (?array $place): ?string => $place === null ? null : route('framing.show', $place);

        return $at === false ? [null, null] : [$address($all[$at - 1] ?? null), $address($all[$at + 1] ?? null)];
    }
}
