<?php

declare(strict_types=1);

namespace App\Makers\Reviewing;

use App\Shelves\Models\Waiver;
use RapidReel\Plan\Finding\Severity;
use RapidReel\Plan\Review\Check\Finding;

/** A finding as it counts here. */
final readonly class JudgedFinding
{
    public function __construct(
        public Finding $finding,
        public Severity $severity,
        public ?Waiver $waiver,
    ) {
    }

    public function counts(): bool
    {
        return $this->waiver === null && $this->severity !== Severity::Ignored;
    }

    public function stops(): bool
    {
        return $this->counts() && $this->severity === Severity::Stops;
    }
}
