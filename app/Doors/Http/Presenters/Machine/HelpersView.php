<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Machine;

/** What the page of the machines that make shows. */
final readonly class HelpersView
{
    /**
     * @param  bool  $isSet  whether this machine orders anything of others
     * @param  string  $problem  why they cannot be asked; empty where they can
     * @param  list<HelperRow>  $rows  the main machine first
     * @param  list<array{machine: string, what: string, why: string}>  $failures  the last first
     */
    public function __construct(
        public bool $isSet,
        public string $problem = '',
        public array $rows = [],
        public array $failures = [],
    ) {
    }

    /** Whether one of them is at something. */
    public function isBusy(): bool
    {
        foreach ($this->rows as $row) {
            foreach ($row->makers as $maker) {
                if ($maker->doing !== '') {
                    return true;
                }
            }
        }

        return false;
    }

    /** In one line. */
    public function lead(): string
    {
        $helpers = count(array_filter($this->rows, static fn (HelperRow $row): bool => $row->helps()));

        return match (true) {
            ! $this->isSet => 'This machine makes everything itself.',
            $this->problem !== '' => 'Everything is made here until orders can be given again.',
            $helpers === 0 => 'No other machine is there at this moment: everything is made here.',
            $helpers === 1 => 'One other machine makes shots, sound and looks at footage.',
            default => "$helpers other machines make shots, sound and looks at footage.",
        };
    }
}
