<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Matte;

/** Who knows the plain ground of footage. */
interface Grounds
{
    /**
     * @param  string  $footage  id
     * @param  string|null  $colour  of the ground, as RRGGBB; null where it is to be found
     * @return PlainGround|null none where its ground is not plain, or not known
     */
    public function of(string $footage, ?string $colour): ?PlainGround;
}
