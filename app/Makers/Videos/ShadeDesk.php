<?php

declare(strict_types=1);

namespace App\Makers\Videos;

use App\Ground\Work\HandedBack;
use App\Media\Making\Maker;
use App\Media\Probing\FrameReader;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use App\Media\Video\ChangedFootage;
use App\Media\Video\Sources;
use App\Shelves\Library\Shelf;
use RapidReel\Base\Refusal;
use RapidReel\Captions\Contrast\Backdrop;
use RapidReel\Captions\Contrast\ContrastMeter;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutShot;

/**
 * Finds how dark the layer under captions has to be for them to stand clear, on the pictures that will be seen: before
 * a video is made of a plan, which says for which shots it is wanted.
 */
final readonly class ShadeDesk
{
    /** Pictures are so many times smaller than the frame. */
    private const SMALLER = 10;

    public function __construct(
        private SegmentPlanner $segments,
        private Maker $maker,
        private Sources $sources,
        private FrameReader $frames,
    ) {
    }

    /**
     * The cut with all that is found for it, for which pictures of some shots are made small.
     *
     * @throws HandedBack
     * @throws UnusableMedia
     * @throws ToolFailed
     * @throws ChangedFootage
     * @throws StrangePlace
     * @throws Refusal
     */
    public function of(Cut $cut, Shelf $shelf): Cut
    {
        [$shots, $recipes] = $this->wanted($cut);
        foreach ($recipes as $recipe) {
            $this->lay($recipe, $shelf);
        }
        $this->maker->make(array_values($recipes));

        return $this->shaded($cut, $shots, $recipes);
    }

    /**
     * The cut with what was found for it before. Makes nothing.
     *
     * @throws ToolFailed
     */
    public function known(Cut $cut): Cut
    {
        [$shots, $recipes] = $this->wanted($cut);

        return $this->shaded($cut, $shots, array_filter(
            $recipes,
            fn (Recipe $recipe): bool => $this->maker->isThere($recipe),
        ));
    }

    /** @return array{array<int, CutShot>, array<int, Recipe>} by the moment at which each begins */
    private function wanted(Cut $cut): array
    {
        $shots = $recipes = [];
        foreach ($cut->seenCues() === [] ? [] : $cut->scenes as $scene) {
            foreach ($scene->shots as $shot) {
                if ($shot->look->isShaded) {
                    $shots[$shot->startMs] = $shot;
                }
            }
        }
        foreach ($shots === [] ? [] : $this->segments->plan($cut, Quality::Proof, true) as $segment) {
            if (isset($shots[$segment->startMs])) {
                $recipes[$segment->startMs] ??= self::small($segment->recipe, $cut);
            }
        }

        return [$shots, $recipes];
    }

    /**
     * @param  array<int, CutShot>  $shots
     * @param  array<int, Recipe>  $recipes
     *
     * @throws ToolFailed
     */
    private function shaded(Cut $cut, array $shots, array $recipes): Cut
    {
        $shades = [];
        foreach ($recipes as $startMs => $recipe) {
            $shades[$startMs] = $this->needed($cut, $shots[$startMs], $recipe);
        }

        return $cut->shaded(array_filter($shades));
    }

    /**
     * @throws ToolFailed
     * @throws ChangedFootage
     * @throws StrangePlace
     */
    private function lay(Recipe $recipe, Shelf $shelf): void
    {
        $keys = array_column($recipe->sources(), 'key');
        foreach ($shelf->footage as $one) {
            $path = $shelf->footagePaths[$one->id] ?? null;
            if ($path !== null && in_array($one->fingerprint, $keys, true)) {
                $this->sources->lay($one->fingerprint, $path, $shelf->name($one->id), $shelf->seals[$one->id] ?? null);
            }
        }
    }

    private static function small(Recipe $recipe, Cut $cut): Recipe
    {
        $lossless = ['-c:v', 'libx264', '-preset', 'ultrafast', '-qp', '0', '-pix_fmt', 'yuv420p'];

        return $recipe->sized(
            2 * intdiv($cut->form->frame->shape->width(), 2 * self::SMALLER),
            2 * intdiv($cut->form->frame->shape->height(), 2 * self::SMALLER),
            $lossless,
        );
    }

    /**
     * @return int percent: what the faintest of its captions needs
     *
     * @throws ToolFailed
     */
    private function needed(Cut $cut, CutShot $shot, Recipe $recipe): int
    {
        $frames = [];
        $grid = $cut->grid();
        $cues = $cut->seenCues();
        foreach ($cues as $i => $cue) {
            $from = max($cue->startMs, $shot->startMs);
            $until = min($cue->endMs, $shot->endMs);
            if ($from < $until) {
                $at = $grid->frameOf(intdiv($from + $until, 2)) - $grid->frameOf($shot->startMs);
                $frames[$i] = max(0, min($recipe->frames - 1, $at));
            }
        }
        $file = $this->maker->file($recipe);
        [$width, $height] = [$recipe->raster->width, $recipe->raster->height];
        $pictures = $this->frames->of($file, $frames, $width, $height);
        $most = 0;
        foreach ($frames as $i => $frame) {
            if (isset($pictures[$frame])) {
                $behind = Backdrop::behind($cues[$i], $pictures[$frame], $width, $height);
                $most = max($most, ContrastMeter::dim($cues[$i], $behind));
            }
        }

        return $most;
    }
}
