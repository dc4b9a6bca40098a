<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use RapidReel\Plan\Review\Pace\PaceFindings;
use RapidReel\Plan\Review\Pace\PaceReport;

/** The rhythm of a short as a picture, time across: shots as bars as high as they are long, speech as a line. */
final readonly class RhythmPicture
{
    public const WIDTH = 300;

    public const HEIGHT = 84;

    /** A shot of so many ms reaches the top. */
    private const TALL_MS = 6_000;

    /** So many words a second reach the top. */
    private const FAST = 6.0;

    /** Silence stands in a strip at the foot. */
    public const STRIP = 8;

    public function __construct(private PaceReport $report)
    {
    }

    /** @return list<array{x: float, y: float, width: float, height: float, long: bool}> */
    public function bars(): array
    {
        $room = self::HEIGHT - self::STRIP - 2;

        return array_map(function (array $shot) use ($room): array {
            $height = $room * min(1.0, ($shot[1] - $shot[0]) / self::TALL_MS);

            return [
                'x' => $this->x($shot[0]), 'y' => round($room - $height, 1),
                'width' => max(0.6, round($this->x($shot[1]) - $this->x($shot[0]) - 0.8, 1)),
                'height' => round($height, 1), 'long' => $shot[1] - $shot[0] > PaceFindings::LONG_SHOT_MS,
            ];
        }, $this->report->shots);
    }

    public function line(): string
    {
        $room = self::HEIGHT - self::STRIP - 2;

        return implode(' ', array_map(
            fn (array $rate): string => $this->x($rate[0]).','.round($room - $room * min(1, $rate[1] / self::FAST), 1),
            $this->report->rates(),
        ));
    }

    /** @return list<array{x: float, width: float}> */
    public function silences(): array
    {
        return array_map(fn (array $one): array => [
            'x' => $this->x($one[0]), 'width' => max(0.6, round($this->x($one[1]) - $this->x($one[0]), 1)),
        ], $this->report->silences);
    }

    /** Where a line for shots of so many seconds stands. */
    public function height(float $seconds): float
    {
        $room = self::HEIGHT - self::STRIP - 2;

        return round($room - $room * $seconds * 1000 / self::TALL_MS, 1);
    }

    private function x(int $ms): float
    {
        return round(self::WIDTH * $ms / max(1, $this->report->summary->times->durationMs), 1);
    }
}
