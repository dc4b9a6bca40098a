<?php

declare(strict_types=1);

namespace App\Gateways\Animation;

use RapidReel\Base\Refusal;

/** Whoever makes a still move. */
interface Animation
{
    /** What the operator is told about who does. */
    public function about(): string;

    /** Whether it only stands in for one that makes clips worth publishing. */
    public function isStandIn(): bool;

    /**
     * The same still and seed give the same clip.
     *
     * @param  string  $still  a PNG or JPEG
     * @param  string  $brief  what it was made to show; may be empty
     * @param  string  $folder  of its own, for what is made on the way
     * @return string a clip of 2 to 4 s in that folder
     *
     * @throws Refusal in the operator's words, when it cannot be done
     */
    public function animate(string $still, string $brief, int $seed, string $folder): string;
}
