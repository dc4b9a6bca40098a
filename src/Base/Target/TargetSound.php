<?php

declare(strict_types=1);

namespace RapidReel\Base\Target;

use RapidReel\Base\JsonFields;
use ValueError;

/** How loud an outlet plays. The usual values are common practice, no published source. */
final readonly class TargetSound
{
    /** LUFS */
    public const QUIETEST = -31.0;

    public const LOUDEST = -8.0;

    /** LU beside what was asked for that nobody minds (common practice, no published source) */
    public const NEAR = 1.5;

    /** dB over the peak that was asked for: encoding moves peaks a little */
    public const OVER = 0.8;

    /**
     * @param  float  $loudness  programme loudness in LUFS (ITU-R BS.1770)
     * @param  float  $truePeak  highest true peak in dBTP
     */
    public function __construct(
        public float $loudness = -14.0,
        public float $truePeak = -1.0,
    ) {
    }

    /** @return array{loudness: float, true_peak: float} */
    public function toArray(): array
    {
        return ['loudness' => $this->loudness, 'true_peak' => $this->truePeak];
    }

    /** @throws ValueError */
    public static function of(JsonFields $data): self
    {
        return new self(
            $data->decimal('loudness', self::QUIETEST, self::LOUDEST), $data->decimal('true_peak', -9.0, 0.0),
        );
    }
}
