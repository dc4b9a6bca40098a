<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Versions;

use App\Desks\Translating\VersionBook;
use App\Shelves\Models\Short;
use RapidReel\Text\Translation\Version\VersionWay;

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

    /** What is less than this beside the first nobody sees. */
    private const NEAR_MS = 500;

    /** Of one that is to be as long as the first: how far it is from that. */
    private static function beyond(Short $version): string
    {
        $ms = $version->source === null || $version->way === VersionWay::Voice
            ? 0 : self::ms($version) - self::ms($version->source);

        return abs($ms) < self::NEAR_MS ? '' : sprintf(
            ', %s s %s than the first: its limits of pace go no further', number_format(abs($ms) / 1000, 1),
            $ms > 0 ? 'longer' : 'shorter',
        );
    }

    private static function ms(Short $short): int
    {
        return $short->cutSummary()?->wholeMs() ?? 0;
    }

    public static function of(Short $version): self
    {
        return new self($version, VersionBook::called($version->language), match (true) {
            $version->problem !== null => $version->problem,
            $version->behind === 1 => 'one sentence is behind',
            $version->behind > 1 => "$version->behind sentences are behind",
            ! $version->isPlanned() => 'being voiced',
            default => 'as its source, '.number_format(self::ms($version) / 1000, 1).' s'.self::beyond($version),
        }, $version->behind > 0 || $version->problem !== null);
    }
}
