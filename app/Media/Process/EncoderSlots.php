<?php

declare(strict_types=1);

namespace App\Media\Process;

use App\Ground\Work\LockFile;
use App\Ground\Work\Urgency;

/**
 * As many encoders at once as the machine has cores, whatever the number of workers. A slot is a locked file: it is
 * free again when its holder dies, or is stopped.
 */
final class EncoderSlots
{
    /** @var array<int, LockFile> */
    private array $held = [];

    public function __construct(
        private readonly string $folder,
        public readonly int $count,
        private readonly Urgency $urgency = new Urgency,
    ) {
    }

    /**
     * What somebody sits before finds a slot where all are taken by what nobody does: there are as many more.
     *
     * @return int|null a slot, or none while all are taken
     */
    public function take(): ?int
    {
        $count = $this->urgency->isLooked() ? 2 * $this->count : $this->count;
        for ($slot = 0; $slot < $count; $slot++) {
            $lock = isset($this->held[$slot]) ? null : LockFile::take("{$this->folder}/encoder-$slot.lock");
            if ($lock !== null) {
                $this->held[$slot] = $lock;

                return $slot;
            }
        }

        return null;
    }

    /** @param  int|null  $slot  nothing is given back with null */
    public function give(?int $slot): void
    {
        if ($slot !== null) {
            ($this->held[$slot] ?? null)?->release();
            unset($this->held[$slot]);
        }
    }
}
