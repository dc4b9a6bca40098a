<?php

declare(strict_types=1);

namespace RapidReel\Render;

use LogicException;
use RapidReel\Caption\AssWriter;
use RapidReel\Caption\Cue;
use RapidReel\Cut\Cut;

/** Compiles a cut into segments. A segment's key does not depend on where in the short it stands. */
final class SegmentPlanner
{
    /** Raised whenever the same cut renders to other pixels than before. */
    private const VERSION = 1;

    /**
     * @param  string  $family  the caption face
     * @return non-empty-list<Segment> in order; their frames add up to the cut's
     *
     * @throws LogicException when the cut has no pictures
     */
    public function plan(Cut $cut, Quality $quality, string $family): array
    {
        $grid = $cut->grid();
        $writer = new AssWriter($cut->style, $family, $grid->fps);
        $segments = [];
        foreach ($cut->scenes as $number => $scene) {
            $sceneFrame = $grid->frameOf($scene->startMs);
            foreach ($scene->shots as $shot) {
                $first = $grid->frameOf($shot->startMs) - $sceneFrame;
                $frames = $grid->frameOf($shot->endMs) - $sceneFrame - $first;
                $cues = array_values(array_filter(
                    $cut->cues,
                    static fn (Cue $cue): bool => $cue->startMs < $shot->endMs && $cue->endMs > $shot->startMs,
                ));
                $ass = $writer->write($cues, $scene->startMs, $first, $frames);
                $key = hash('sha256', json_encode([
                    self::VERSION, $quality->value, $quality->encoder(), $family, $frames, $ass,
                    $shot->fingerprint, $shot->inMs, $shot->path->toArray(), $shot->motion?->value,
                ], JSON_THROW_ON_ERROR));
                $segments[] = new Segment($key, $number, $shot, $frames, $ass);
            }
        }
        if ($segments === []) {
            throw new LogicException('A cut without pictures cannot be rendered.');
        }

        return $segments;
    }
}
