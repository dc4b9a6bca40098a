<?php

declare(strict_types=1);

namespace RapidReel\Captions\Style;

/** What letters of captions are painted with. Colours as RRGGBB, lengths in pixels. */
final readonly class StylePaint
{
    public function __construct(
        public string $fill = 'FFFFFF',
        public int $outline = 8,
        public string $outlineColour = '14202B',
        public int $shadow = 5,
        public string $shadowColour = '14202B',
        public int $glow = 0,
        public string $glowColour = 'FFC247',
    ) {
    }
}
