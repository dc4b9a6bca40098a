<?php

declare(strict_types=1);

namespace App\Proofs;

use App\Media\MediaTools;
use RapidReel\Base\FrameShape;
use RapidReel\Caption\Contrast\Backdrop;
use RapidReel\Caption\Contrast\ContrastMeter;
use RapidReel\Caption\Contrast\Mend;
use RapidReel\Caption\Cue;
use RapidReel\Cut\Cut;

/**
 * Measures captions on the pictures that they stand before.
 */
final readonly class ContrastCheck
{
    /**
     * Pictures are so many times smaller than the frame: small enough to look at every pixel, and large enough to show
     * what stands behind a word.
     */
    private const SMALLER = 10;

    public function __construct(private MediaTools $tools)
    {
    }

    /**
     * @param  string  $proof  file of it
     * @return list<ClearCue> one for each caption
     */
    public function of(Cut $cut, string $proof): array
    {
        $grid = $cut->grid();
        $frames = array_map(
            static fn (Cue $cue): int => min(
                $cut->frames() - 1,
                $grid->frameOf(intdiv($cue->startMs + $cue->endMs, 2)),
            ),
            $cut->cues,
        );
        $pictures = $this->pictures($proof, $frames, $cut->shape);
        $found = [];
        foreach ($cut->cues as $i => $cue) {
            $picture = $pictures[$frames[$i]] ?? null;
            if ($picture !== null) {
                $behind = $this->behind($cue, $picture);
                $found[] = new ClearCue(
                    $cue->scene,
                    $cue->word,
                    $cue->startMs,
                    ContrastMeter::of($cue, $behind),
                    array_map(static fn (Mend $mend): array => $mend->toArray(), ContrastMeter::mends($cue, $behind)),
                    ...$behind->spread(),
                );
            }
        }

        return $found;
    }

    private function behind(Cue $cue, string $picture): Backdrop
    {
        [$left, $top, $right, $bottom] = $cue->setting->box;
        [$width, $height] = self::size($cue->setting->shape);

        return Backdrop::of($picture, $width, $height, [
            $left / self::SMALLER / $width, $top / self::SMALLER / $height,
            $right / self::SMALLER / $width, $bottom / self::SMALLER / $height,
        ]);
    }

    /**
     * @param  list<int>  $frames
     * @return array<int, string> pictures by frame, three bytes a pixel
     */
    private function pictures(string $proof, array $frames, FrameShape $shape): array
    {
        [$width, $height] = self::size($shape);
        $wanted = array_values(array_unique($frames));
        sort($wanted);
        if ($wanted === []) {
            return [];
        }
        $chosen = implode('+', array_map(static fn (int $frame): string => "eq(n,$frame)", $wanted));
        $raw = $this->tools->run([
            '-loglevel', 'error', ...$this->tools->input($proof), '-vf',
            "select='$chosen',scale=$width:$height:flags=area,format=rgb24", '-fps_mode',
            'passthrough', '-an', '-f', 'rawvideo', '-',
        ], 'Looking at the pictures behind the captions')->getOutput();
        $pictures = str_split($raw, 3 * $width * $height);
        $found = [];
        foreach ($wanted as $i => $frame) {
            if (strlen($pictures[$i] ?? '') === 3 * $width * $height) {
                $found[$frame] = $pictures[$i];
            }
        }

        return $found;
    }

    /** @return array{int, int} width and height in pixels */
    private static function size(FrameShape $shape): array
    {
        return [intdiv($shape->width(), self::SMALLER), intdiv($shape->height(), self::SMALLER)];
    }
}
