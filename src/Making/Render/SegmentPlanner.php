<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

use LogicException;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Drawing\AssWriter;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\Backdrop;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Plan\Choice\Transition;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutEdge;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\CutShot;

/** Compiles a cut into segments. A segment's key does not depend on where in the short it stands. */
final class SegmentPlanner
{
    /** What differs from the frame's shape by less fills it. */
    private const ALIKE = 0.06;

    /**
     * @param  bool  $isBare  whether captions are left out, and what stands before and after it
     * @return non-empty-list<Segment> in order; their frames add up to the cut's
     *
     * @throws LogicException when the cut has no pictures
     */
    public function plan(Cut $cut, Quality $quality, bool $isBare = false): array
    {
        $segments = [];
        // One place over the whole short, found once.
        $logo = self::logo($cut);
        $shots = [];
        foreach ($cut->scenes as $number => $scene) {
            foreach ($scene->shots as $shot) {
                $shots[] = [$number, $scene, $shot];
            }
        }
        foreach ($shots as $i => [$number, $scene, $shot]) {
            $next = $shots[$i + 1][2] ?? null;
            $transition = $next === null ? $cut->form->loop : $next->view->transition;
            $to = $next ?? $shots[0][2];
            $bridge = $transition === null ? 0 : $this->bridgeFrames($cut, $shot, $transition);
            $always = $logo === null || $shot->startMs < $cut->logoMs() ? [] : [$logo];
            $whole = $this->recipe($cut, $scene, $shot, $quality, $isBare, $bridge, $always);
            $segments[] = new Segment($whole, $number, $shot->startMs);
            if ($transition !== null && $bridge > 0) {
                $crossing = new Crossing($shot, $to, $transition, $bridge);
                $segments[] = new Segment(
                    $this->bridge($cut, $scene, $crossing, $whole, $isBare, $always),
                    $number,
                    $cut->grid()->msOf($cut->grid()->frameOf($shot->endMs) - $bridge),
                );
            }
        }
        if ($segments === []) {
            throw new LogicException('A cut without pictures cannot be rendered.');
        }

        if ($cut->over->introOutro->opening !== null && ! $isBare) {
            array_unshift($segments, $this->edge($cut, $cut->over->introOutro->opening, $quality, 0));
        }
        if ($cut->over->introOutro->ending !== null && ! $isBare) {
            $segments[] = $this->edge($cut, $cut->over->introOutro->ending, $quality, $cut->durationMs);
        }

        return $segments;
    }

    /** What stands before or after a short: it fills a frame of nearly its shape, else it is over a blurred copy. */
    private function edge(Cut $cut, CutEdge $edge, Quality $quality, int $atMs): Segment
    {
        $aspect = $cut->form->frame->shape->aspect();
        $isAlike = abs($edge->width / $edge->height / $aspect - 1) < self::ALIKE;

        return new Segment(new Recipe(
            $cut->grid()->frameOf($edge->ms),
            self::raster($cut, $quality),
            new Layer(
                new Source($edge->fingerprint, $edge->kind, $edge->width, $edge->height),
                0,
                FramePath::centred($edge->width, $edge->height, $aspect),
                $isAlike ? null : Backdrop::Blur,
            ),
            new Look,
            CaptionScript::none(),
            $quality->encoder(),
        ), 0, $atMs);
    }

    /** A hash of all that is seen in a cut, whatever the quality it is rendered in. */
    public function pixels(Cut $cut): string
    {
        $pictures = array_map(
            static fn (Segment $segment): string => $segment->recipe->picture(),
            $this->plan($cut, Quality::Final),
        );

        return hash('sha256', implode("\n", [
            ...$pictures,
            // How dark they are there is found on these pictures when a video is made.
            ...self::shaded($cut),
            // Drawn over the whole, and in none of its parts.
            ...$cut->over->progress === null ? [] : [json_encode($cut->over->progress->toArray(), JSON_THROW_ON_ERROR)],
        ]));
    }

    /** @return list<string> which shots are darkened under their captions */
    private static function shaded(Cut $cut): array
    {
        $shaded = [];
        foreach ($cut->scenes as $scene) {
            foreach ($scene->shots as $shot) {
                if ($shot->look->isShaded) {
                    $shaded[] = "shaded at {$shot->startMs}";
                }
            }
        }

        return $shaded;
    }

    /** How many of a shot's last frames go over into the next: at least one is its own. */
    private function bridgeFrames(Cut $cut, CutShot $shot, Transition $transition): int
    {
        $frames = $cut->grid()->frameOf($shot->endMs) - $cut->grid()->frameOf($shot->startMs);

        return max(0, min($cut->grid()->frameOf($transition->ms), $frames - 1));
    }

    /**
     * The last frames of a shot, over which the next comes in: it has come in where it begins.
     *
     * @param  list<Overlay>  $always
     */
    private function bridge(
        Cut $cut,
        CutScene $scene,
        Crossing $crossing,
        Recipe $whole,
        bool $isBare,
        array $always,
    ): Recipe {
        $grid = $cut->grid();
        $frames = $crossing->frames;
        $first = $grid->frameOf($crossing->from->endMs) - $grid->frameOf($scene->startMs) - $frames;
        $look = self::look($cut, $crossing->to);

        return new Recipe(
            $frames,
            $whole->raster,
            $whole->layer->from($grid->msOf($whole->frames)),
            $whole->look,
            $this->captions($cut, $scene, $crossing->from, $first, $frames, $isBare),
            $whole->encoder,
            [...$always, ...self::cards($cut, $scene, $first, $frames)],
            new Bridge(
                self::layer($crossing->to)->before($grid->msOf($frames)),
                Blend::from($crossing->transition->kind->value),
                $look->toArray() === $whole->look->toArray() ? null : $look,
            ),
        );
    }

    private static function raster(Cut $cut, Quality $quality): Raster
    {
        [$width, $height] = $quality->size($cut->form->frame->shape, $cut->form->target->picture->side);

        return new Raster($width, $height, $cut->form->frame->fps);
    }

    private static function logo(Cut $cut): ?Overlay
    {
        [$logo, $box] = [$cut->over->logo, $cut->logoBox()];

        return $logo === null || $box === null ? null : new Overlay(
            new Source($logo->picture, FootageKind::Still, $logo->width, $logo->height),
            round($box[0], 5),
            round($box[1], 5),
            round($box[2], 5),
            $logo->opacity / 100,
        );
    }

    /**
     * The cards over some frames.
     *
     * @param  int  $first  of them, from the scene's begin
     * @return list<Overlay>
     */
    private static function cards(Cut $cut, CutScene $scene, int $first, int $frames): array
    {
        $grid = $cut->grid();
        $laid = [];
        foreach ($cut->over->cards as $card) {
            $from = $grid->frameOf($card->startMs - $scene->startMs) - $first;
            $until = $grid->frameOf($card->endMs - $scene->startMs) - $first;
            if ($from >= $frames || $until <= 0 || $until <= $from) {
                continue;
            }
            $laid[] = new Overlay(
                new Source($card->picture->key, FootageKind::Still, $card->picture->width, $card->picture->height),
                round($card->place->x - $card->place->width / 2, 5),
                round($card->place->y - $card->height($cut->form->frame->shape) / 2, 5),
                round($card->place->width, 5),
                span: new Span($from, $until - $from, $card->motions->enter, $card->motions->leave),
            );
        }

        return $laid;
    }

    private static function look(Cut $cut, CutShot $shot): Look
    {
        return new Look(
            dim: $shot->look->dim / 100, match: $shot->look->match, grade: $shot->look->grade,
            shade: self::shade($cut, $shot),
        );
    }

    /** From above the highest of its captions to below the lowest. */
    private static function shade(Cut $cut, CutShot $shot): ?Shade
    {
        $boxes = $shot->look->shade === 0 ? [] : array_map(
            static fn (Cue $cue): array => $cue->setting->parts(),
            self::cuesOver($cut, $shot),
        );

        return $boxes === [] ? null : new Shade(
            $shot->look->shade,
            round(min(array_column($boxes, 1)), 4),
            round(max(array_column($boxes, 3)), 4),
        );
    }

    /** @return list<Cue> */
    private static function cuesOver(Cut $cut, CutShot $shot): array
    {
        return array_values(array_filter(
            $cut->seenCues(),
            static fn (Cue $cue): bool => $cue->startMs < $shot->endMs && $cue->endMs > $shot->startMs,
        ));
    }

    private static function layer(CutShot $shot): Layer
    {
        return new Layer(
            new Source($shot->source->fingerprint, $shot->source->kind, $shot->source->width, $shot->source->height),
            $shot->play->inMs,
            $shot->view->path,
            $shot->view->backdrop,
            $shot->play->speed,
            $shot->play->loopMs,
            $shot->view->ground,
            $shot->look->matte,
        );
    }

    private function captions(
        Cut $cut,
        CutScene $scene,
        CutShot $shot,
        int $first,
        int $frames,
        bool $isBare,
    ): CaptionScript {
        $cues = self::cuesOver($cut, $shot);

        return $isBare || $cues === []
            ? CaptionScript::none()
            : AssWriter::write($cues, $cut->grid()->fps, $scene->startMs, $first, $frames);
    }

    /**
     * @param  int  $less  so many of the last frames are left to a bridge
     * @param  list<Overlay>  $always  laid over all of it
     */
    private function recipe(
        Cut $cut,
        CutScene $scene,
        CutShot $shot,
        Quality $quality,
        bool $isBare,
        int $less,
        array $always,
    ): Recipe {
        $grid = $cut->grid();
        $first = $grid->frameOf($shot->startMs) - $grid->frameOf($scene->startMs);
        $frames = $grid->frameOf($shot->endMs) - $grid->frameOf($scene->startMs) - $first - $less;
        $layer = self::layer($shot);
        $look = self::look($cut, $shot);

        return new Recipe(
            $frames,
            self::raster($cut, $quality),
            $layer,
            $look,
            $this->captions($cut, $scene, $shot, $first, $frames, $isBare),
            $quality->encoder($layer, $look),
            [...$always, ...self::cards($cut, $scene, $first, $frames)],
        );
    }
}
