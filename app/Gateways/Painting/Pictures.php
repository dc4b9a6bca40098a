<?php

declare(strict_types=1);

namespace App\Gateways\Painting;

use RapidReel\Base\Refusal;

/** Whoever makes pictures from briefs. */
interface Pictures
{
    /** What the operator is told about who makes them. */
    public function about(): string;

    /** Whether it only stands in for one that makes pictures worth publishing. */
    public function isStandIn(): bool;

    /**
     * The same brief and seed give the same picture.
     *
     * @param  string  $target  where it is to be written, as PNG
     *
     * @throws Refusal in the operator's words, when it cannot be made
     */
    public function make(string $brief, int $seed, string $target): void;
}
