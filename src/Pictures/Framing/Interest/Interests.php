<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

/** Who knows where the interest of footage lies. */
interface Interests
{
    /**
     * @param  string  $footage  id
     * @return InterestMap|null none where it is not known
     */
    public function of(string $footage): ?InterestMap;
}
