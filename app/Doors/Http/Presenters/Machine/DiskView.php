<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Machine;

use App\Desks\Tidying\DiskRules;
use App\Media\Disk\DiskKind;
use App\Media\Disk\DiskUse;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Carbon;

/** What the page of the disk shows. */
final readonly class DiskView
{
    /**
     * @param  DiskUse|null  $use  null where nobody measured yet
     * @param  string  $doing  what is being done to the disk; empty for nothing
     * @param  int  $free  bytes
     * @param  string  $other  where finished files can be moved to; empty for nowhere
     * @param  string  $problem  with that
     * @param  LengthAwarePaginator<int, DiskBatch>  $batches  the largest first
     */
    public function __construct(
        public ?DiskUse $use,
        public DiskRules $rules,
        public string $doing,
        public int $free,
        public string $other,
        public string $problem,
        public LengthAwarePaginator $batches,
    ) {
    }

    public function lead(): string
    {
        return match (true) {
            $this->doing !== '' => "{$this->doing}…",
            $this->use === null => 'Nobody has measured it yet: '.Bytes::said($this->free).' are free.',
            default => sprintf(
                '%s are taken, %s of that by what can be made again; %s are free. Measured %s.',
                Bytes::said($this->use->whole()), Bytes::said($this->use->madeAgain()), Bytes::said($this->free),
                Carbon::createFromTimestamp($this->use->at)->diffForHumans(),
            ),
        };
    }

    /** @return list<DiskKind> that are there, the largest first */
    public function kinds(): array
    {
        $use = $this->use;
        if ($use === null) {
            return [];
        }
        $kinds = array_filter(DiskKind::cases(), static fn (DiskKind $kind): bool => $use->bytes($kind) > 0);
        usort($kinds, static fn (DiskKind $a, DiskKind $b): int => $use->bytes($b) <=> $use->bytes($a));

        return $kinds;
    }

    /** @return float hundredths of all that is taken */
    public function share(int $bytes): float
    {
        $whole = $this->use?->whole() ?? 0;

        return $whole === 0 ? 0.0 : round(100 * $bytes / $whole, 2);
    }

    /** Whether more can be made again than is given to it. */
    public function isOver(): bool
    {
        return $this->use !== null && $this->rules->budget() !== null
            && $this->use->madeAgain() > $this->rules->budget();
    }
}
