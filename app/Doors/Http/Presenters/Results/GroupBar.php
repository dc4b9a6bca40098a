<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Results;

use RapidReel\Making\Publish\Results\Group;

/** A group of shorts on the axis that all groups of a factor share: parts of its width. */
final readonly class GroupBar
{
    public float $from;

    public float $to;

    public float $median;

    public float $all;

    public function __construct(public Group $group, float $most)
    {
        $part = static fn (float $views): float => round(100 * min(1.0, $views / max(1.0, $most)), 2);
        $this->from = $part($group->spread->sure->from);
        $this->to = $part($group->spread->sure->to);
        $this->median = $part($group->spread->median);
        $this->all = $part($group->ofAll);
    }
}
