<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

/** What one posted short brought, as it was told over time. */
final readonly class Series
{
    /** @var list<Point> in the order of their moments */
    public array $points;

    /** @param  list<Point>  $points */
    public function __construct(array $points)
    {
        usort($points, static fn (Point $one, Point $other): int => $one->at <=> $other->at);
        $this->points = $points;
    }

    public function last(): ?Point
    {
        return $this->points === [] ? null : $this->points[count($this->points) - 1];
    }

    /**
     * Views at an age, between what was told before and after it.
     *
     * @param  int  $posted  Unix time
     * @param  int  $age  seconds
     * @return int|null null where it is not so old yet, or nothing was told near that age
     */
    public function viewsAt(int $posted, int $age): ?int
    {
        $wanted = $posted + $age;
        $before = new Point($posted, 0);
        foreach ($this->points as $point) {
            if ($point->at >= $wanted) {
                $share = $point->at === $before->at ? 1.0 : ($wanted - $before->at) / ($point->at - $before->at);

                return (int) round($before->views + $share * ($point->views - $before->views));
            }
            $before = $point->at >= $posted ? $point : $before;
        }

        return null;
    }

    /** Whether a later number is smaller than an earlier one: outlets take views back. Told, and kept as it is. */
    public function fell(): bool
    {
        $most = 0;
        foreach ($this->points as $point) {
            if ($point->views < $most) {
                return true;
            }
            $most = $point->views;
        }

        return false;
    }
}
