<?php

declare(strict_types=1);

namespace RapidReel\Captions\Style;

/** How captions come and go. */
final readonly class StyleMotion
{
    /** @param  string  $appear  a case of `Appearance` */
    public function __construct(
        public string $appear = 'whole',
        public int $appearMs = 160,
    ) {
    }

    public function appearance(): Appearance
    {
        return Appearance::from($this->appear);
    }
}
