<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

use RapidReel\Base\Refusal;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\Backdrop;
use RapidReel\Pictures\Framing\FramedShot;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\Framing;
use RapidReel\Pictures\Framing\FramingChoice;
use RapidReel\Pictures\Framing\Interest\InterestMap;

/** Frames a shot: whatever its footage, whatever the aspect. */
final class Framer
{
    /** Of what is of interest, a window that follows must hold so much at least half of the time. */
    private const ENOUGH = 0.5;

    /**
     * @param  InterestMap|null  $map  where nobody has looked, the middle is shown
     * @param  list<Pin>  $pins
     * @param  float  $aspect  of the window, width / height
     * @param  int  $inMs  where in a clip the shot begins
     *
     * @throws Refusal
     */
    public static function shot(
        Footage $footage,
        ?InterestMap $map,
        FramingChoice $choice,
        array $pins,
        float $aspect,
        int $inMs,
        int $lengthMs,
    ): FramedShot {
        $backdrop = match ($choice->framing) {
            Framing::Blur => Backdrop::Blur,
            Framing::Plain => Backdrop::Plain,
            Framing::Gradient => Backdrop::Gradient,
            default => null,
        };
        if ($backdrop !== null) {
            return new FramedShot(FramePath::centred($footage->width, $footage->height, $aspect), $backdrop);
        }
        $rules = new PathRules($aspect, $choice->close / 100, $choice->framing === Framing::Still, $pins);
        $map = $choice->framing === Framing::Middle || $map === null
            ? InterestMap::middle($footage->width, $footage->height)
            : $map;
        if ($footage->kind === FootageKind::Still) {
            return new FramedShot(self::still($footage, $map, $choice, $rules, $lengthMs));
        }
        $path = PathFinder::find($map, $inMs, $inMs + $lengthMs, $rules);
        if (
            $choice->framing === Framing::Widen && $pins === [] &&
            PathFinder::held($map, $path, $inMs, $inMs + $lengthMs, $aspect) < self::ENOUGH
        ) {
            return new FramedShot(FramePath::centred($footage->width, $footage->height, $aspect), Backdrop::Blur);
        }

        return new FramedShot($path->from($inMs));
    }

    /** @throws Refusal */
    private static function still(
        Footage $footage,
        InterestMap $map,
        FramingChoice $choice,
        PathRules $rules,
        int $lengthMs,
    ): FramePath {
        $base = PathFinder::find($map, 0, 1, new PathRules($rules->aspect, $rules->close))->at(0);
        $pins = $rules->sortedPins();
        $largest = PathFinder::largest($map, $rules->aspect);
        if (count($pins) > 1) {
            // Two places and the way between them are the operator's.
            $times = range(0, $lengthMs, 40);
            $windows = array_fill_keys($times, $base);

            return new FramePath(PinnedPath::through($windows, $pins, $largest, $map, $rules->aspect, 1_000));
        }
        if ($pins !== []) {
            $base = PinnedPath::window($pins[0], $largest, $map, $rules->aspect);
        }

        return $choice->motion->path(
            $footage->width,
            $footage->height,
            $rules->aspect,
            $lengthMs,
            $choice->strength,
            $footage->fingerprint,
            $base,
            $choice->isEven,
        );
    }
}
