<?php

declare(strict_types=1);

namespace App\Desks\Results;

/** What became of a table of results. */
final readonly class ImportReport
{
    private const TOLD = 8;

    /**
     * @param  list<string>  $unknown  rows of shorts that nobody posted here
     * @param  list<string>  $wrong  rows that say nothing that can be
     */
    public function __construct(
        public int $kept,
        public array $unknown,
        public array $wrong,
    ) {
    }

    public function says(): string
    {
        return sprintf('%s %s imported.', number_format($this->kept), $this->kept === 1 ? 'row was' : 'rows were')
            .($this->unknown === [] ? '' : sprintf(
                ' %s of shorts that were not posted here.', number_format(count($this->unknown)),
            ))
            .($this->wrong === [] ? '' : sprintf(' %s could not be read.', number_format(count($this->wrong))));
    }

    /** @return list<string> the first few of what was left out */
    public function leftOut(): array
    {
        $all = [...$this->wrong, ...$this->unknown];
        $more = count($all) - self::TOLD;

        return [...array_slice($all, 0, self::TOLD), ...$more > 0 ? [sprintf('and %s more',
            number_format($more))] : []];
    }
}
