<?php

declare(strict_types=1);

namespace App\Media\Making;

use App\Ground\Work\GivingWay;
use App\Ground\Work\HandedBack;
use App\Media\Analysis\Analyst;
use App\Media\Artwork\CardPainter;
use App\Media\Audio\SoundMixer;
use App\Media\Audio\TakeTrimmer;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\EncoderPool;
use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use App\Media\Video\SegmentRenderer;
use Closure;
use RapidReel\Base\Refusal;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Order\Analysis;
use RapidReel\Making\Order\CardStill;
use RapidReel\Making\Order\Order;
use RapidReel\Making\Order\SpokenTake;
use RapidReel\Making\Order\TightTake;
use RapidReel\Making\Render\Recipe;
use UnexpectedValueException;

/** Makes on this machine, side by side, one to a slot. */
final readonly class LocalMaker implements Maker
{
    public function __construct(
        private SegmentRenderer $renderer,
        private SoundMixer $mixer,
        private Analyst $analyst,
        private TakeTrimmer $trimmer,
        private TakeSpeaking $speaking,
        private CardPainter $painter,
        private EncoderPool $pool,
        private Manner $manner = new Manner,
    ) {
    }

    /** The same, that leaves all it makes something with in a folder. */
    public function showing(string $folder): self
    {
        return $this->in(new Manner($folder, $this->manner->threads));
    }

    /** The same, whose encoders have so many threads. */
    public function threaded(int $threads): self
    {
        return $this->in(new Manner($this->manner->shown, $threads));
    }

    private function in(Manner $manner): self
    {
        return new self(
            $this->renderer, $this->mixer, $this->analyst, $this->trimmer, $this->speaking, $this->painter, $this->pool,
            $manner,
        );
    }

    /**
     * A few, as after an edit, would leave cores idle at the end. Where many are made side by side, or just one on each
     * core, with the sound or beside it, one thread for each uses cores better.
     *
     * @param  list<Order>  $orders
     * @return int of each encoder
     */
    public function threads(array $orders): int
    {
        $segments = count(array_filter($orders, static fn (Order $order): bool => $order instanceof Recipe));
        $mixes = count(array_filter($orders, static fn (Order $order): bool => $order instanceof MixPlan));
        $width = $this->pool->width();
        $isOneEach = in_array($width, [$segments, $segments + $mixes], true);

        return $this->manner->threads ?? ($isOneEach || $segments > 2 * $width ? 1 : $width);
    }

    /** @throws StrangePlace */
    public function file(Order $order): string
    {
        return match (true) {
            $order instanceof Recipe => $this->renderer->file($order->key()),
            $order instanceof MixPlan => $this->mixer->file($order),
            $order instanceof Analysis => $this->analyst->file($order),
            $order instanceof SpokenTake, $order instanceof TightTake => $this->trimmer->file($order),
            $order instanceof CardStill => $this->painter->file($order),
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
            $order instanceof SpokenTake, $order instanceof TightTake => $this->trimmer->isThere($order),
            $order instanceof CardStill => $this->painter->isThere($order),
            default => throw self::unknown($order),
        };
    }

    /**
     * @throws StrangePlace
     * @throws HandedBack
     * @throws UnusableMedia
     * @throws ToolFailed
     * @throws Refusal
     */
    public function make(array $orders, ?callable $tick = null, ?callable $made = null, ?GivingWay $way = null): array
    {
        $tick ??= static fn (int $done): null => null;
        $keys = [];
        $works = [];
        $threads = $this->threads($orders);
        foreach ($orders as $order) {
            if ($order instanceof Recipe) {
                $works[] = $this->renderer->work($order, $threads, $this->manner->shown);
            } elseif ($order instanceof MixPlan) {
                $works[] = $this->mixer->work($order, $this->manner->shown);
            } else {
                if ($this->here($order, static fn (float $part) => $tick((int) round(100 * $part)))) {
                    $keys[] = $order->key();
                }
                $made === null || $made();
            }
        }

        return $works === [] ? $keys : [...$keys, ...$this->pool->run($works, $tick, $made, $way)];
    }

    /** Nobody else is there who could begin it. */
    public function announce(array $orders): void
    {
    }

    /**
     * What is made in this process.
     *
     * @param  Closure(float): mixed  $tell  told the part that is done
     * @return bool whether it was made by this call
     *
     * @throws StrangePlace
     * @throws UnusableMedia
     * @throws ToolFailed
     * @throws Refusal
     */
    private function here(Order $order, Closure $tell): bool
    {
        return match (true) {
            $order instanceof Analysis => $this->analyst->find($order, $tell),
            $order instanceof SpokenTake => $this->speaking->speak($order),
            $order instanceof TightTake => $this->trimmer->trim($order),
            $order instanceof CardStill => $this->painter->paint($order),
            default => throw self::unknown($order),
        };
    }

    private static function unknown(Order $order): UnexpectedValueException
    {
        return new UnexpectedValueException("Nobody here makes a {$order->kind()->value}.");
    }
}
