<?php

declare(strict_types=1);

namespace App\Desks\Intake;

use DateTimeImmutable;
use RapidReel\Base\Values;

/** What was written along with a script: in its front matter, or in the other columns of a table. */
final readonly class WrittenAlong
{
    /**
     * @param  Values  $own  settings of it
     * @param  list<string>  $warnings  what could not be used, and why
     */
    public function __construct(
        public Values $own,
        public ?DateTimeImmutable $publishAt,
        public array $warnings,
    ) {
    }

    /** @param  string|null  $warning  one more */
    public function with(Values $own, ?string $warning = null): self
    {
        return new self($own, $this->publishAt, [...$this->warnings, ...$warning === null ? [] : [$warning]]);
    }
}
