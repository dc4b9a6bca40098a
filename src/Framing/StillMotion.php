<?php

declare(strict_types=1);

namespace RapidReel\Framing;

/** How a still moves while it is on screen. */
enum StillMotion: string
{
    case Push = 'push';
    case Pull = 'pull';

    /** How much of the window the motion crosses: about a quarter of what is possible (common practice, no published source). */
    public const STRENGTH = 0.12;

    /** Always the same for one still, so that a change elsewhere in a short does not touch its shots. */
    public static function of(string $fingerprint): self
    {
        return crc32($fingerprint) % 2 === 0 ? self::Push : self::Pull;
    }
}
