<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

use RapidReel\Base\Refusal;

/** Looks a short through, before it is exported, for what speaks against its leaving. */
final class ShortReview
{
    /** Raised whenever the same short is judged otherwise. */
    public const VERSION = 4;

    /**
     * @return list<Finding> in the order of the short, those of the whole first
     *
     * @throws Refusal
     */
    public static function of(Reviewed $short): array
    {
        $found = [
            ...PaceChecks::of($short), ...WordChecks::of($short), ...CaptionChecks::of($short),
            ...PictureChecks::of($short), ...SoundChecks::of($short),
        ];
        usort($found, static fn (Finding $a, Finding $b): int => [
            $a->place->scene !== null, $a->place->startMs,
        ] <=> [$b->place->scene !== null, $b->place->startMs]);

        return $found;
    }
}
