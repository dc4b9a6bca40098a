<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Ground\Work\GivingWay;
use App\Ground\Work\LockFile;
use Illuminate\Support\Facades\DB;

/** An export leaves its worker when something waits that somebody sits before, and nobody else takes it. */
final class GiveWay implements GivingWay
{
    private const LOOK_SECONDS = 0.4;

    /** Somebody else may be about to take it. */
    private const PATIENT_SECONDS = 0.8;

    /** Where it was for nothing, as nobody here takes what waits, it is not done at once again. */
    private const AGAIN_SECONDS = 10.0;

    private float $looked = 0.0;

    private ?float $given = null;

    private ?float $waits = null;

    private ?LockFile $turn = null;

    public function __construct(private readonly string $folder)
    {
    }

    public function isAsked(): bool
    {
        $now = hrtime(true) / 1e9;
        if ($now - $this->looked < self::LOOK_SECONDS) {
            return $this->turn !== null;
        }
        $this->looked = $now;
        $isWaiting = DB::table('jobs')->whereIn('queue', Lane::beforeExports())->whereNull('reserved_at')
            ->where('available_at', '<=', time())->exists();
        if (! $isWaiting || ($this->given !== null && $now - $this->given < self::AGAIN_SECONDS)) {
            $this->leave();

            return false;
        }
        $this->waits ??= $now;
        if ($now - $this->waits >= self::PATIENT_SECONDS) {
            // One of them is enough.
            $this->turn ??= LockFile::take("{$this->folder}/gives-way");
        }

        return $this->turn !== null;
    }

    /** It has given way. */
    public function over(): void
    {
        $this->given = hrtime(true) / 1e9;
        $this->leave();
    }

    private function leave(): void
    {
        $this->waits = null;
        $this->turn?->release();
        $this->turn = null;
    }
}
