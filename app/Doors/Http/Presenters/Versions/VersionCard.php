<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Versions;

use App\Desks\Translating\VersionBook;
use App\Shelves\Models\Short;

/** A version of a short, as it stands in the list of them. */
final readonly class VersionCard
{
    private function __construct(
        public Short $short,
        public string $language,
        public string $state,
        public bool $isBehind,
    ) {
    }

    public static function of(Short $version): self
    {
        return new self($version, VersionBook::called($version->language), match (true) {
            $version->problem !== null => $version->problem,
            $version->behind === 1 => 'one sentence is behind',
            $version->behind > 1 => "$version->behind sentences are behind",
            ! $version->isPlanned() => 'being voiced',
            default => 'as its source, '.number_format(($version->cutSummary()?->wholeMs() ?? 0) / 1000, 1).' s',
        }, $version->behind > 0 || $version->problem !== null);
    }
}
