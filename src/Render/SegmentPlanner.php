<?php

declare(strict_types=1);

namespace RapidReel\Render;

use LogicException;
use RapidReel\Caption\Cue;
use RapidReel\Caption\Drawing\AssWriter;
use RapidReel\Caption\Drawing\CaptionScript;
use RapidReel\Cut\Cut;
use RapidReel\Cut\CutScene;
use RapidReel\Cut\CutShot;

/** Compiles a cut into segments. A segment's key does not depend on where in the short it stands. */
final class SegmentPlanner
{
    /**
     * @param  bool  $isBare  whether captions are left out
     * @return non-empty-list<Segment> in order; their frames add up to the cut's
     *
     * @throws LogicException when the cut has no pictures
     */
    public function plan(Cut $cut, Quality $quality, bool $isBare = false): array
    {
        $segments = [];
        foreach ($cut->scenes as $number => $scene) {
            foreach ($scene->shots as $shot) {
                $segments[] = new Segment(
                    $this->recipe($cut, $scene, $shot, $quality, $isBare),
                    $number,
                    $shot->startMs,
                );
            }
        }
        if ($segments === []) {
            throw new LogicException('A cut without pictures cannot be rendered.');
        }

        return $segments;
    }

    /** A hash of all that is seen in a cut, whatever the quality it is rendered in. */
    public function pixels(Cut $cut): string
    {
        $pictures = array_map(
            static fn (Segment $segment): string => $segment->recipe->picture(),
            $this->plan($cut, Quality::Final),
        );

        return hash('sha256', implode("\n", $pictures));
    }

    private function recipe(Cut $cut, CutScene $scene, CutShot $shot, Quality $quality, bool $isBare): Recipe
    {
        $grid = $cut->grid();
        $first = $grid->frameOf($shot->startMs) - $grid->frameOf($scene->startMs);
        $frames = $grid->frameOf($shot->endMs) - $grid->frameOf($scene->startMs) - $first;
        $cues = array_values(array_filter(
            $cut->cues,
            static fn (Cue $cue): bool => $cue->startMs < $shot->endMs && $cue->endMs > $shot->startMs,
        ));

        return new Recipe(
            $frames,
            $grid->fps,
            $quality->width($cut->shape),
            $quality->height($cut->shape),
            new Layer(
                new Source($shot->fingerprint, $shot->kind, $shot->width, $shot->height),
                $shot->inMs,
                $shot->path,
                $shot->backdrop,
            ),
            null,
            null,
            [],
            new Look(dim: $shot->dim / 100, match: $shot->match),
            $isBare || $cues === []
                ? CaptionScript::none()
                : AssWriter::write($cues, $grid->fps, $scene->startMs, $first, $frames),
            $quality->encoder(),
        );
    }
}
