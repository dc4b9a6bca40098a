<?php

declare(strict_types=1);

namespace RapidReel\Captions\Drawing;

use RapidReel\Captions\Style\Appearance;
use RapidReel\Captions\Style\CaptionStyle;

/** How far a caption is from where it will be, while it comes on screen. */
final readonly class Motion
{
    /** @param  int  $clear  0 opaque … 255 not to be seen */
    private function __construct(
        public float $scale = 1.0,
        public float $down = 0.0,
        public int $clear = 0,
    ) {
    }

    /** @param  float  $done  0…1 of the way */
    public static function at(CaptionStyle $style, float $done, float $capital): self
    {
        if ($done >= 1) {
            return new self;
        }

        return match ($style->motion->appearance()) {
            Appearance::Pop => new self(round(self::popped($done), 3), 0.0, (int) round(150 * (1 - $done))),
            Appearance::Bounce => new self(1.0, -round(1.6 * $capital * (1 - self::bounced($done)), 1)),
            Appearance::Slide => new self(
                1.0,
                round(0.9 * $capital * (1 - $done) ** 3, 1),
                (int) round(255 * (1 - $done)),
            ),
            default => new self,
        };
    }

    /** From small to a little too large, and back. */
    private static function popped(float $done): float
    {
        return $done < 0.6
            ? 0.55 + (1.1 - 0.55) * sin($done / 0.6 * M_PI / 2)
            : 1 + 0.1 * cos(($done - 0.6) / 0.4 * M_PI / 2);
    }

    /** A ball that is dropped: 0 where it starts, 1 on the ground; three times it comes up again, each time less. */
    private static function bounced(float $done): float
    {
        return match (true) {
            $done < 4 / 11 => 7.5625 * $done ** 2,
            $done < 8 / 11 => 7.5625 * ($done - 6 / 11) ** 2 + 0.75,
            $done < 10 / 11 => 7.5625 * ($done - 9 / 11) ** 2 + 0.9375,
            default => 7.5625 * ($done - 10.5 / 11) ** 2 + 0.984375,
        };
    }
}
