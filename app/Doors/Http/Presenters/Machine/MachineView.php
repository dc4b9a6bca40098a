<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Machine;

final readonly class MachineView
{
    /**
     * @param  list<array{name: string, at: string, since: string}>  $workers  those that are at something
     * @param  int  $idle  workers that are alive and at nothing
     * @param  list<array{lane: string, waiting: int, oldest: string}>  $lanes
     * @param  list<array{check: string, ok: bool, found: string}>  $checks
     * @param  list<array{message: string, count: int, last: string}>  $errors  by kind, the latest first
     * @param  list<array{string, string}>  $versions  of what, and which
     */
    public function __construct(
        public array $workers,
        public int $idle,
        public array $lanes,
        public array $checks,
        public array $errors,
        public array $versions,
        public int $failed,
    ) {
    }

    public function isAlive(): bool
    {
        return $this->idle > 0 || $this->workers !== [];
    }

    /** @return list<array{check: string, ok: bool, found: string}> what is missing */
    public function missing(): array
    {
        return array_values(array_filter($this->checks, static fn (array $one): bool => ! $one['ok']));
    }
}
