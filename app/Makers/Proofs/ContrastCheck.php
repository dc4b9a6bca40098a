<?php

declare(strict_types=1);

namespace App\Makers\Proofs;

use App\Media\Probing\FrameReader;
use App\Media\Process\ToolFailed;
use RapidReel\Base\FrameShape;
use RapidReel\Captions\Contrast\Backdrop;
use RapidReel\Captions\Contrast\ContrastMeter;
use RapidReel\Captions\Contrast\Mend;
use RapidReel\Plan\Cut\Cut;

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

    public function __construct(private FrameReader $frames)
    {
    }

    /**
     * @param  string  $proof  file of it
     * @return list<ClearCue> one for each caption
     *
     * @throws ToolFailed
     */
    public function of(Cut $cut, string $proof): array
    {
        $frames = $cut->captionFrames();
        [$width, $height] = self::size($cut->form->frame->shape);
        $pictures = $this->frames->of($proof, $frames, $width, $height);
        $found = [];
        foreach ($cut->cues as $i => $cue) {
            $picture = $pictures[$frames[$i]] ?? null;
            if ($picture !== null) {
                $behind = Backdrop::behind($cue, $picture, $width, $height);
                $found[] = new ClearCue(
                    $cue->from->scene,
                    $cue->from->word,
                    $cue->startMs,
                    ContrastMeter::of($cue, $behind),
                    array_map(static fn (Mend $mend): array => $mend->toArray(), ContrastMeter::mends($cue, $behind)),
                    ...$behind->spread(),
                );
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
