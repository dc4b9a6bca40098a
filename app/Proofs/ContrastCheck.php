<?php

declare(strict_types=1);

namespace App\Proofs;

use App\Media\MediaTools;
use RapidReel\Base\TargetProfile;
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
    /** Pictures are small enough to look at every pixel, and large enough to show what stands behind a word. */
    private const WIDTH = 108;

    private const HEIGHT = 192;

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
        $pictures = $this->pictures($proof, $frames);
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

        return Backdrop::of($picture, self::WIDTH, self::HEIGHT, [
            $left / TargetProfile::WIDTH, $top / TargetProfile::HEIGHT,
            $right / TargetProfile::WIDTH, $bottom / TargetProfile::HEIGHT,
        ]);
    }

    /**
     * @param  list<int>  $frames
     * @return array<int, string> pictures by frame, three bytes a pixel
     */
    private function pictures(string $proof, array $frames): array
    {
        $wanted = array_values(array_unique($frames));
        sort($wanted);
        if ($wanted === []) {
            return [];
        }
        $chosen = implode('+', array_map(static fn (int $frame): string => "eq(n,$frame)", $wanted));
        $raw = $this->tools->run([
            '-loglevel', 'error', ...$this->tools->input($proof), '-vf',
            "select='$chosen',scale=".self::WIDTH.':'.self::HEIGHT.':flags=area,format=rgb24', '-fps_mode',
            'passthrough', '-an', '-f', 'rawvideo', '-',
        ], 'Looking at the pictures behind the captions')->getOutput();
        $pictures = str_split($raw, 3 * self::WIDTH * self::HEIGHT);
        $found = [];
        foreach ($wanted as $i => $frame) {
            if (strlen($pictures[$i] ?? '') === 3 * self::WIDTH * self::HEIGHT) {
                $found[$frame] = $pictures[$i];
            }
        }

        return $found;
    }
}
