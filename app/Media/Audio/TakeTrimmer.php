<?php

declare(strict_types=1);

namespace App\Media\Audio;

use App\Media\Process\ToolFailed;
use App\Media\Store\KeyedLock;
use App\Media\Store\StrangePlace;
use RapidReel\Making\Order\Order;
use RapidReel\Making\Order\TightTake;
use RapidReel\Voice\Speech\DeadAir;
use RapidReel\Voice\Speech\Tempo;
use RuntimeException;

/** Makes tight takes of raw ones, each once. */
final readonly class TakeTrimmer
{
    public function __construct(
        private TakeFiles $files,
        private TempoChanger $tempo,
        private KeyedLock $locks,
    ) {
    }

    /** @throws StrangePlace */
    public function file(Order $order): string
    {
        return $this->files->soundFile($order->key());
    }

    /**
     * @phpstan-impure another process may have made it meanwhile
     *
     * @throws StrangePlace
     */
    public function isThere(Order $order): bool
    {
        return $this->files->kept($order->key()) !== null;
    }

    /**
     * @return bool whether it was made by this call
     *
     * @throws RuntimeException where the raw take is not there
     * @throws StrangePlace
     * @throws ToolFailed
     */
    public function trim(TightTake $order): bool
    {
        if ($this->isThere($order)) {
            return false;
        }
        // Before the lock of the other: no process waits for one while it has another.
        if ($order->tempo !== Tempo::USUAL) {
            $this->trim($order->untouchedTempo());
        }

        return $this->locks->hold($order->key(), fn (): bool => ! $this->isThere($order) && $this->make($order));
    }

    /**
     * @throws StrangePlace
     * @throws ToolFailed
     */
    private function make(TightTake $order): bool
    {
        $from = $order->tempo === Tempo::USUAL ? $order->raw : $order->untouchedTempo()->key();
        $take = $this->files->kept($from) ?? throw new RuntimeException("The take $from is not there any more.");
        if ($order->tempo !== Tempo::USUAL) {
            $sound = $this->tempo->changed($this->files->soundFile($from), $order->tempo);
            $words = Tempo::words($take->words, $order->tempo, $sound->durationMs());
        } else {
            ['sound' => $sound, 'words' => $words] = DeadAir::cut(
                $this->files->sound($from), $take->words, $order->deadAirMs ?? DeadAir::USUAL_MS, $order->keptPauses,
            );
        }
        $this->files->put($order->key(), $sound, $words);

        return true;
    }
}
