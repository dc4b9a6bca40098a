<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Media\Probing\FrameReader;
use App\Media\Process\EncoderPool;
use App\Media\Video\SegmentRenderer;
use App\Media\Video\Sources;
use App\Shelves\Library\Shelf;
use RapidReel\Captions\Contrast\Backdrop;
use RapidReel\Captions\Contrast\ContrastMeter;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutShot;

/** Finds how dark the layer under captions has to be for them to stand clear, on the pictures that will be seen. */
final readonly class ShadeDesk
{
    /** Pictures are so many times smaller than the frame. */
    private const SMALLER = 10;

    public function __construct(
        private SegmentPlanner $segments,
        private SegmentRenderer $renderer,
        private EncoderPool $pool,
        private Sources $sources,
        private FrameReader $frames,
    ) {
    }

    /** @param  list<bool>  $wanted  for each scene whether there is such a layer where one is needed */
    public function of(Cut $cut, array $wanted, Shelf $shelf): Cut
    {
        if (! in_array(true, $wanted, true) || $cut->cues === []) {
            return $cut;
        }
        $shots = $recipes = $works = [];
        foreach ($cut->scenes as $number => $scene) {
            foreach ($scene->shots as $shot) {
                if ($wanted[$number] ?? false) {
                    $shots[$shot->startMs] = $shot;
                }
            }
        }
        foreach ($this->segments->plan($cut, Quality::Proof, true) as $segment) {
            if (isset($shots[$segment->startMs]) && ! isset($recipes[$segment->startMs])) {
                $recipe = self::small($segment->recipe, $cut);
                $recipes[$segment->startMs] = $recipe;
                $this->lay($recipe, $shelf);
                $works[] = $this->renderer->work($recipe, 1);
            }
        }
        $this->pool->run($works, static fn (int $frames): null => null);
        $shades = [];
        foreach ($recipes as $startMs => $recipe) {
            $shades[$startMs] = $this->needed($cut, $shots[$startMs], $recipe);
        }

        return $cut->shaded(array_filter($shades));
    }

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

        return Recipe::fromJson(json_encode([
            ...$recipe->toArray(),
            'width' => 2 * intdiv($cut->form->shape->width(), 2 * self::SMALLER),
            'height' => 2 * intdiv($cut->form->shape->height(), 2 * self::SMALLER),
            'encoder' => $lossless,
        ], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    /** @return int percent: what the faintest of its captions needs */
    private function needed(Cut $cut, CutShot $shot, Recipe $recipe): int
    {
        $frames = [];
        $grid = $cut->grid();
        foreach ($cut->cues as $i => $cue) {
            $from = max($cue->startMs, $shot->startMs);
            $until = min($cue->endMs, $shot->endMs);
            if ($from < $until) {
                $at = $grid->frameOf(intdiv($from + $until, 2)) - $grid->frameOf($shot->startMs);
                $frames[$i] = max(0, min($recipe->frames - 1, $at));
            }
        }
        $file = $this->renderer->file($recipe->key());
        $pictures = $this->frames->of($file, $frames, $recipe->width, $recipe->height);
        $most = 0;
        foreach ($frames as $i => $frame) {
            if (isset($pictures[$frame])) {
                $behind = Backdrop::behind($cut->cues[$i], $pictures[$frame], $recipe->width, $recipe->height);
                $most = max($most, ContrastMeter::dim($cut->cues[$i], $behind));
            }
        }

        return $most;
    }
}
