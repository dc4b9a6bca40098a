<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutSummary;

/** The cut of a short, and what tables and exports need of it. */
final readonly class Plan
{
    public function __construct(
        public Cut $cut,
        public CutSummary $summary,
    ) {
    }
}
