<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

/**
 * A measurement by EBU R 128 / ITU-R BS.1770: programme loudness in LUFS and true peak in dBTP, or that of the samples
 * in dBFS where only these were looked at.
 */
final readonly class Loudness
{
    public function __construct(
        public float $integrated,
        public float $peak,
    ) {
    }

    /** The gain in dB that brings this to a loudness; sound too quiet to measure is left alone. */
    public function gainTo(float $lufs): float
    {
        return $this->integrated < -69 ? 0.0 : $lufs - $this->integrated;
    }

    public function meets(float $lufs, float $truePeak): bool
    {
        return abs($this->integrated - $lufs) <= 0.5 && $this->peak <= $truePeak - 0.1;
    }
}
