<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Matte;

use RapidReel\Pictures\Footage\Footage;

/** Settles how the subject of a shot is keyed, from what is chosen and what its footage shows. */
final readonly class MatteMaker
{
    /** @param  array<array-key, Footage>  $footage  at hand, by id: what may stand behind */
    public function __construct(
        private Grounds $grounds,
        private array $footage = [],
    ) {
    }

    /**
     * @param  string  $footage  id of what the shot shows
     * @param  int  $intoMs  time since its scene began, so that a clip behind goes on from shot to shot
     * @return Matte|null null where nothing is taken away: it was not asked for, or there is no plain ground
     */
    public function of(string $footage, ?MatteChoice $choice, int $intoMs): ?Matte
    {
        $ground = $choice === null ? null : $this->grounds->of($footage, $choice->colour);
        if ($choice === null || $ground === null) {
            return null;
        }
        $picture = $this->footage[$choice->behind] ?? null;
        // One that is gone leaves the two colours.
        $behind = $picture === null
            ? new Behind(
                $choice->behind === BehindKind::Blur->value ? BehindKind::Blur : BehindKind::Gradient,
                $choice->colours,
            )
            : Behind::footage($picture, $choice->colours);

        return new Matte($ground, $choice->spill, $behind->from($intoMs));
    }
}
