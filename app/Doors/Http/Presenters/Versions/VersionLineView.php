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
     * @param  float|null  $seconds  that the source has for it
     * @param  float|null  $takes  seconds that the version is likely to take
     */
    public function __construct(
        public string $id,
        public RowState $state,
        public string $source,
        public string $before,
        public string $target,
        public string $told,
        public ?float $seconds = null,
        public ?float $takes = null,
        public bool $isLong = false,
    ) {
    }

    public function times(): string
    {
        $one = static fn (?float $seconds): string => $seconds === null ? '' : number_format($seconds, 1).' s';

        return implode(' → ', array_filter([$one($this->seconds), $one($this->takes)]));
    }
}
