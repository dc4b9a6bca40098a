<?php

declare(strict_types=1);

namespace App\Makers\Proofs;

use App\Media\Probing\FrameReader;
use App\Media\Process\ToolFailed;
use RapidReel\Base\FrameShape;
use RapidReel\Captions\Contrast\Backdrop;
use RapidReel\Captions\Contrast\ContrastMeter;
use RapidReel\Captions\Contrast\Mend;
use RapidReel\Captions\Cue\Cue;
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
        foreach ($cut->seenCues() as $i => $cue) {
            $picture = $pictures[$frames[$i]] ?? null;
            if ($picture !== null) {
                $isSecond = $i >= count($cut->cues);
                $behind = Backdrop::behind($cue, $picture, $width, $height);
                $found[] = new ClearCue(
                    $cue->from->scene,
                    $isSecond ? self::wordAt($cut, $cue) : $cue->from->word,
                    $cue->startMs,
                    ContrastMeter::of($cue, $behind),
                    self::mends($cue, $behind, $isSecond),
                    ...[...$behind->spread(), $isSecond],
                );
            }
        }

        return $found;
    }

    /**
     * The style of the first ones mends nothing of the second.
     *
     * @return list<array{kind: string, style: array<string, int|string>, dim: int}>
     */
    private static function mends(Cue $cue, Backdrop $behind, bool $isSecond): array
    {
        $mends = array_map(static fn (Mend $mend): array => $mend->toArray(), ContrastMeter::mends($cue, $behind));

        return $isSecond
            ? array_values(array_filter($mends, static fn (array $mend): bool => $mend['style'] === []))
            : $mends;
    }

    /** What is said of its scene when a caption in a second language comes. */
    private static function wordAt(Cut $cut, Cue $second): int
    {
        $word = 0;
        foreach ($cut->cues as $cue) {
            if ($cue->from->scene === $second->from->scene && $cue->startMs <= $second->startMs) {
                $word = $cue->from->word;
            }
        }

        return $word;
    }

    /** @return array{int, int} width and height in pixels */
    private static function size(FrameShape $shape): array
    {
        return [intdiv($shape->width(), self::SMALLER), intdiv($shape->height(), self::SMALLER)];
    }
}
