<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

use RapidReel\Plan\Choice\Mood;
use RapidReel\Plan\Cut\CutMusic;

/** Music for a short nobody chose any for: of its mood, always the same for one short, and not the same for all. */
final class MusicChooser
{
    /** Where one piece alone has the mood, every third short has one of a mood near to it. */
    private const EVERY = 3;

    /**
     * @param  Mood|null  $mood  null where the words say none
     * @param  list<CutMusic>  $pieces
     * @param  array<array-key, Mood|null>  $moods  of the pieces, by id
     * @param  int  $number  of the short in its batch, from 1
     */
    public function choose(?Mood $mood, array $pieces, array $moods, int $number): ?CutMusic
    {
        if ($pieces === []) {
            return null;
        }
        $of = static fn (Mood $wanted): array => array_values(array_filter(
            $pieces,
            static fn (CutMusic $piece): bool => ($moods[$piece->id] ?? null) === $wanted,
        ));
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
