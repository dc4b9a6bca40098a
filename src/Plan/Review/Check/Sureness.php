<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

/** How sure a finding is. */
enum Sureness: string
{
    /** Counted or measured */
    case Measured = 'measured';
    /** Found by a rule that is right most of the time */
    case Likely = 'likely';
    /** Found by a rule that is often wrong */
    case Perhaps = 'perhaps';
}
