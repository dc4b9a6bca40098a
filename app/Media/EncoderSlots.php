<?php

declare(strict_types=1);

namespace App\Media;

use Illuminate\Support\Facades\File;

/**
 * As many encoders at once as the machine has cores, whatever the number of workers. A slot is a locked file: the
 * kernel frees it when its holder dies.
 */
final class EncoderSlots
{
    /** @var array<int, resource> */
    private array $held = [];

    public function __construct(
        private readonly string $folder,
        public readonly int $count,
    ) {
    }

    /** @return int|null a slot, or none while all are taken */
    public function take(): ?int
    {
        File::ensureDirectoryExists($this->folder);
        for ($slot = 0; $slot < $this->count; $slot++) {
            if (isset($this->held[$slot])) {
                continue;
            }
            // "e": children must not inherit the lock.
            $file = fopen("{$this->folder}/encoder-$slot.lock", 'ce');
            if ($file !== false && flock($file, LOCK_EX | LOCK_NB)) {
                $this->held[$slot] = $file;

                return $slot;
            }
        }

        return null;
    }

    public function give(int $slot): void
    {
        if (isset($this->held[$slot])) {
            fclose($this->held[$slot]);
            unset($this->held[$slot]);
        }
    }
}
