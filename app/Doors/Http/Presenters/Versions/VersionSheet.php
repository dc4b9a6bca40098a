<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Versions;

use App\Desks\Translating\VersionBook;
use App\Shelves\Models\Short;
use RapidReel\Base\Language\WrittenAs;

/** One version beside its source, sentence by sentence. */
final readonly class VersionSheet
{
    /** @param  list<VersionLineView>  $lines  the title first */
    public function __construct(
        public Short $version,
        public array $lines,
        public int $behind,
        public string $glossary,
        public bool $isKnown,
    ) {
    }

    public function language(): string
    {
        return VersionBook::called($this->version->language);
    }

    public function direction(): string
    {
        return WrittenAs::isFromTheRight($this->version->language) ? 'rtl' : 'ltr';
    }

    public function lead(): string
    {
        $long = count(array_filter($this->lines, static fn (VersionLineView $line): bool => $line->isLong));

        return ucfirst($this->version->way->says()).'. '.match (true) {
            $this->behind === 0 => 'All of it is as its source.',
            $this->behind === 1 => 'One sentence is to be looked at.',
            default => "$this->behind sentences are to be looked at.",
        }.($long === 0 ? '' : sprintf(
            ' %s longer than %s pictures: a shorter wording helps.', $long === 1 ? 'One takes' : "$long take",
            $long === 1 ? 'its' : 'their',
        ));
    }
}
