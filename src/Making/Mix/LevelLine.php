<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

/** A level that changes over time: straight from point to point, in dB. Times in ms of the short. */
final readonly class LevelLine
{
    /** As good as nothing. */
    public const SILENT = -60.0;

    /** @param  non-empty-list<array{int, float}>  $points  moment and dB, in order */
    public function __construct(public array $points)
    {
    }

    /** @param  array{points: non-empty-list<array{int, float|int}>}  $data  its fields */
    public static function fromArray(array $data): self
    {
        return new self(array_map(
            static fn (array $point): array => [$point[0], (float) $point[1]],
            $data['points'],
        ));
    }

    public function at(int $ms): float
    {
        $before = $this->points[0];
        foreach ($this->points as $point) {
            if ($point[0] >= $ms) {
                $long = $point[0] - $before[0];

                return $long <= 0
                    ? $point[1]
                    : $before[1] + ($point[1] - $before[1]) * ($ms - $before[0]) / $long;
            }
            $before = $point;
        }

        return $before[1];
    }

    /** Both added. */
    public function plus(self $other): self
    {
        $moments = array_unique([...array_column($this->points, 0), ...array_column($other->points, 0)]);
        sort($moments);

        return new self(array_map(
            fn (int $ms): array => [$ms, round($this->at($ms) + $other->at($ms), 2)],
            $moments,
        ));
    }

    /**
     * As factors.
     *
     * @param  int  $count  of them
     * @param  int  $rate  of them in a second
     * @return list<float>
     */
    public function gains(int $count, int $rate): array
    {
        $gains = [];
        $next = 0;
        for ($i = 0; $i < $count; $i++) {
            $ms = 1000 * $i / $rate;
            while (isset($this->points[$next]) && $this->points[$next][0] < $ms) {
                $next++;
            }
            $to = $this->points[$next] ?? $this->points[count($this->points) - 1];
            $from = $this->points[max(0, $next - 1)];
            $long = $to[0] - $from[0];
            $db = $long <= 0 || $ms >= $to[0] ? $to[1] : $from[1] + ($to[1] - $from[1]) * ($ms - $from[0]) / $long;
            $gains[] = $db <= self::SILENT ? 0.0 : 10 ** ($db / 20);
        }

        return $gains;
    }
}
