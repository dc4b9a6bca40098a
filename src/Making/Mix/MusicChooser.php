<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

use RapidReel\Plan\Choice\Mood;

/** Music for a short nobody chose any for: of its mood, always the same for one short, and not the same for all. */
final class MusicChooser
{
    /** Where one piece alone has the mood, every third short has one of a mood near to it. */
    private const EVERY = 3;

    /**
     * @param  Mood|null  $mood  null where the words say none
     * @param  array<array-key, Mood|null>  $moods  of the pieces that there are, by id
     * @param  int  $number  of the short in its batch, from 1
     * @return string|null the id of one of them
     */
    public function choose(?Mood $mood, array $moods, int $number): ?string
    {
        $pieces = array_map(strval(...), array_keys($moods));
        if ($pieces === []) {
            return null;
        }
        $of = static fn (Mood $wanted): array => array_map(strval(...), array_keys($moods, $wanted, true));
        $right = $mood === null ? $pieces : $of($mood);
        $near = [];
        foreach ($mood?->near() ?? [] as $other) {
            $near = $near === [] ? $of($other) : $near;
        }
        $near = $near === [] ? $pieces : $near;
        $at = max(0, $number - 1);
        $isOther = count($right) === 1 && $at % self::EVERY === self::EVERY - 1;

        return match (true) {
            $right === [] => $near[$at % count($near)],
            $isOther => $near[intdiv($at, self::EVERY) % count($near)],
            default => $right[$at % count($right)],
        };
    }
}
