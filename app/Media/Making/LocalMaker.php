<?php

declare(strict_types=1);

namespace App\Media\Making;

use App\Ground\Work\GivingWay;
use App\Ground\Work\HandedBack;
use App\Media\Audio\SoundMixer;
use App\Media\Looking\Analyst;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\EncoderPool;
use App\Media\Process\EncoderWork;
use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use App\Media\Video\SegmentRenderer;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Order\Analysis;
use RapidReel\Making\Order\Order;
use RapidReel\Making\Order\OrderKind;
use RapidReel\Making\Render\Recipe;
use UnexpectedValueException;

/** Makes on this machine, side by side, one to a slot. */
final readonly class LocalMaker implements Maker
{
    /** @param  string|null  $shown  folder that is to have all that something is made with */
    public function __construct(
        private SegmentRenderer $renderer,
        private SoundMixer $mixer,
        private Analyst $analyst,
        private EncoderPool $pool,
        private ?string $shown = null,
    ) {
    }

    /** The same, that leaves all it makes something with in a folder. */
    public function showing(string $folder): self
    {
        return new self($this->renderer, $this->mixer, $this->analyst, $this->pool, $folder);
    }

    /** @throws StrangePlace */
    public function file(Order $order): string
    {
        return match (true) {
            $order instanceof Recipe => $this->renderer->file($order->key()),
            $order instanceof MixPlan => $this->mixer->file($order),
            $order instanceof Analysis => $this->analyst->file($order),
            default => throw self::unknown($order),
        };
    }

    /** @throws StrangePlace */
    public function isThere(Order $order): bool
    {
        return match (true) {
            $order instanceof Recipe => $this->renderer->isThere($order->key()),
            $order instanceof MixPlan => $this->mixer->isThere($order),
            $order instanceof Analysis => $this->analyst->isThere($order),
            default => throw self::unknown($order),
        };
    }

    /**
     * @throws StrangePlace
     * @throws HandedBack
     * @throws UnusableMedia
     * @throws ToolFailed
     */
    public function make(array $orders, ?callable $tick = null, ?callable $made = null, ?GivingWay $way = null): array
    {
        $tick ??= static fn (int $done): null => null;
        $keys = [];
        foreach ($orders as $i => $order) {
            if ($order instanceof Analysis) {
                unset($orders[$i]);
                if ($this->analyst->find($order, static fn (float $part) => $tick((int) round(100 * $part)))) {
                    $keys[] = $order->key();
                }
                $made === null || $made();
            }
        }
        $segments = count(array_filter(
            $orders, static fn (Order $order): bool => $order->kind() === OrderKind::Segment,
        ));
        // A few, as after an edit, would leave cores idle at the end; where many are made side by side, one thread for
        // each uses cores better.
        $threads = $segments <= 2 * $this->pool->width() ? $this->pool->width() : 1;
        $works = array_map(fn (Order $order): EncoderWork => $this->work($order, $threads), array_values($orders));

        return $works === [] ? $keys : [...$keys, ...$this->pool->run($works, $tick, $made, $way)];
    }

    private function work(Order $order, int $threads): EncoderWork
    {
        return match (true) {
            $order instanceof Recipe => $this->renderer->work($order, $threads, $this->shown),
            $order instanceof MixPlan => $this->mixer->work($order, $this->shown),
            default => throw self::unknown($order),
        };
    }

    private static function unknown(Order $order): UnexpectedValueException
    {
        return new UnexpectedValueException("Nobody here makes a {$order->kind()->value}.");
    }
}
