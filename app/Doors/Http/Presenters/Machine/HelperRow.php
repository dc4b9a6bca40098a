<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Machine;

use App\Media\Farm\MakerReport;
use App\Media\Farm\Toolprint;

/** A machine that makes, with its makers. */
final readonly class HelperRow
{
    /**
     * @param  list<MakerReport>  $makers  that are there
     * @param  Toolprint|null  $tools  null where it is not there
     * @param  float|null  $speed  of one of its makers ÷ that of one of the main machine; null where it is not known
     * @param  Toolprint  $main  what the main machine makes with
     */
    public function __construct(
        public string $name,
        public array $makers,
        public ?Toolprint $tools,
        public ?float $speed,
        public bool $isLeftOut,
        private Toolprint $main,
    ) {
    }

    public function isMain(): bool
    {
        return $this->name === MakerReport::MAIN;
    }

    /** How many make on it. */
    public function makers(): string
    {
        $count = count($this->makers);

        return match (true) {
            $this->isMain() => 'this machine',
            $count === 1 => '1 maker',
            default => "$count makers",
        };
    }

    /** Whether it is another that makes something. */
    public function helps(): bool
    {
        return ! $this->isMain() && ! $this->isLeftOut && $this->makers !== [] && $this->standing() !== 'older';
    }

    /** How its tools stand to those of the main machine: same, other, older, or nothing where it is not there. */
    private function standing(): string
    {
        return match (true) {
            $this->tools === null => '',
            $this->tools->code !== $this->main->code => 'older',
            $this->tools->print !== $this->main->print => 'other',
            default => 'same',
        };
    }

    /** What it is given. */
    public function given(): string
    {
        return match (true) {
            $this->isMain() => 'orders, and makes too',
            $this->isLeftOut => 'nothing: it is left out',
            $this->standing() === 'older' => 'nothing: it has another version of Rapid Reel',
            $this->standing() === 'other' => 'sound and looks at footage: its tools draw shots otherwise',
            $this->standing() === '' => 'nothing: it is not there',
            default => 'shots, sound and looks at footage',
        };
    }

    /** @return list<string> what its makers are at, or why they take nothing */
    public function doing(): array
    {
        $lines = [];
        foreach ($this->makers as $maker) {
            if ($maker->why !== '' || $maker->doing !== '') {
                $lines[] = $maker->why !== '' ? $maker->why : $maker->doing;
            }
        }
        foreach ($this->makers as $maker) {
            $lines[] = $maker->ofDisk();
        }
        $lines = array_values(array_unique(array_filter($lines, static fn (string $line): bool => $line !== '')));
        $waits = count($this->makers) - count(array_filter(
            $this->makers, static fn (MakerReport $one): bool => $one->why !== '' || $one->doing !== '',
        ));

        return match (true) {
            $lines === [] && $waits === 0 => [$this->isMain() ? 'nothing at this moment' : 'not there'],
            $waits === 0 => $lines,
            default => [...$lines, $lines === [] ? 'waits' : "$waits more ".($waits === 1 ? 'waits' : 'wait')],
        };
    }

    public function made(): int
    {
        return array_sum(array_column($this->makers, 'made'));
    }

    public function failed(): int
    {
        return array_sum(array_column($this->makers, 'failed'));
    }

    public function speed(): string
    {
        return $this->speed === null ? '–' : sprintf('%.2f ×', $this->speed);
    }
}
