<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Versions;

use RapidReel\Text\Translation\Version\RowState;

/** A sentence of a short beside that of its version, as the page shows it. */
final readonly class VersionLineView
{
    /**
     * @param  string  $id  as translators know it; empty where the source is gone
     * @param  string  $before  of the source, where it is another now
     * @param  string  $times  seconds that the source has for it, and those that it is likely to take
     */
    public function __construct(
        public string $id,
        public RowState $state,
        public string $source,
        public string $before,
        public string $target,
        public string $told,
        public string $times = '',
        public bool $isLong = false,
    ) {
    }
}
