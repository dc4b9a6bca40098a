<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Captions\Cue\Cue;

/** Finds room for what is laid over a picture beside captions and what is there already. In fractions of the frame. */
final readonly class FreePlace
{
    /** Between it and others. */
    private const ROOM = 0.012;

    /** @param  list<array{float, float, float, float}>  $taken  left, top, right and bottom of each */
    private function __construct(private array $taken)
    {
    }

    /**
     * @param  list<Cue>  $cues  that are shown meanwhile
     * @param  list<array{float, float, float, float}>  $others  left, top, right and bottom of what else is there
     */
    public static function beside(array $cues, array $others = []): self
    {
        return new self([
            ...$others,
            ...array_map(static fn (Cue $cue): array => $cue->setting->parts(), $cues),
        ]);
    }

    /**
     * @param  float  $first  the highest that its top may stand
     * @param  float  $last  the lowest
     * @return float|null its top: as high as there is room, or as low; null where there is none
     */
    public function top(
        bool $isHigh,
        float $first,
        float $last,
        float $left,
        float $width,
        float $height,
    ): ?float {
        $taken = [];
        foreach ($this->taken as [$from, $top, $until, $bottom]) {
            if ($from < $left + $width + self::ROOM && $until > $left - self::ROOM) {
                $taken[] = [$top - self::ROOM, $bottom + self::ROOM];
            }
        }
        $tries = [
            ...array_map(static fn (array $one): float => $one[0] - $height, $taken),
            ...array_map(static fn (array $one): float => $one[1], $taken),
        ];
        sort($tries);
        $tries = $isHigh ? [$first, ...$tries] : [$last, ...array_reverse($tries)];
        foreach ($tries as $try) {
            $isFree = array_filter(
                $taken,
                static fn (array $one): bool => $try < $one[1] - 1e-9 && $try + $height > $one[0] + 1e-9,
            ) === [];
            if ($isFree && $try >= $first - 1e-9 && $try <= $last + 1e-9) {
                return $try;
            }
        }

        return null;
    }

    /** Whether nothing stands between something and the lower edge of the frame. */
    public function isClearBelow(float $left, float $width, float $bottom): bool
    {
        return array_filter(
            $this->taken,
            static fn (array $one): bool => $one[0] < $left + $width && $one[2] > $left && $one[3] > $bottom,
        ) === [];
    }
}
