<?php

declare(strict_types=1);

namespace App\Media\Farm;

use App\Ground\Work\GivingWay;
use App\Ground\Work\HandedBack;
use App\Ground\Work\Urgency;
use App\Media\Making\LocalMaker;
use App\Media\Making\Maker;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\Claims;
use App\Media\Process\EncoderWork;
use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use Closure;
use Generator;
use Illuminate\Support\Facades\Log;
use JsonException;
use RapidReel\Base\Refusal;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Order\Analysis;
use RapidReel\Making\Order\Order;
use RapidReel\Making\Render\Recipe;
use RuntimeException;
use Throwable;

/**
 * Lays out for other machines what is ordered, and begins to make it here meanwhile: whoever is first at a part makes
 * it. Nobody is waited for who has not begun.
 */
final readonly class FarmMaker implements Maker
{
    /** As often as it is said again what is wanted: Redis may have been begun anew, and have forgotten. */
    private const AGAIN_SECONDS = 5.0;

    private const POLL_MICROSECONDS = 150_000;

    /** What somebody sits before is begun before all else, and the sound of a short before its pictures. */
    private const LOOKED = 1e9;

    private const MIX = 1e8;

    public function __construct(
        private LocalMaker $here,
        private OrderBoard $board,
        private OrderFiles $files,
        private Exchange $exchange,
        private Claims $claims,
        private Roll $roll,
        private Toolprint $tools,
        private Urgency $urgency,
    ) {
    }

    /** @throws StrangePlace */
    public function file(Order $order): string
    {
        return $this->here->file($order);
    }

    /** @throws StrangePlace */
    public function isThere(Order $order): bool
    {
        return $this->here->isThere($order);
    }

    /**
     * @throws StrangePlace
     * @throws HandedBack
     * @throws UnusableMedia
     * @throws ToolFailed
     * @throws Refusal
     * @throws Throwable
     */
    public function make(array $orders, ?callable $tick = null, ?callable $made = null, ?GivingWay $way = null): array
    {
        $offers = $this->offers($orders);
        if ($offers === []) {
            return $this->here->make($orders, $tick, $made, $way);
        }
        $said = 0.0;
        $telling = function (int $done) use ($tick, $offers, $orders, &$said): void {
            if (hrtime(true) / 1e9 - $said > self::AGAIN_SECONDS) {
                $open = $said === 0.0 ? $offers : $this->open($offers, $orders);
                $said = hrtime(true) / 1e9;
                $this->quietly(fn () => $this->board->offer($open));
            }
            $tick === null || $tick($done);
        };
        $telling(0);
        try {
            [$looks, $rest] = [[], []];
            foreach ($orders as $order) {
                $order instanceof Analysis ? $looks[] = $order : $rest[] = $order;
            }
            $keys = $this->analysed($looks, $telling, $made);
            $keys = [...$keys, ...$rest === [] ? [] : $this->here->make($rest, $telling, $made, $way)];
        } catch (HandedBack $pause) {
            // Others may go on with them meanwhile.
            throw $pause;
        } catch (Throwable $problem) {
            $this->withdraw($offers);

            throw $problem;
        }
        $this->withdraw($offers);

        return $keys;
    }

    /**
     * Says that something will be wanted, so that others may begin it before this machine comes to it.
     *
     * @param  list<Order>  $orders
     */
    public function announce(array $orders): void
    {
        $offers = $this->offers($orders);
        $offers === [] || $this->quietly(fn () => $this->board->offer($offers, isWanted: false));
    }

    /**
     * @param  list<Order>  $orders
     * @return list<Offer> of what is not there and can be made by others
     */
    private function offers(array $orders): array
    {
        $threads = $this->here->threads($orders);
        $offers = [];
        try {
            foreach ($orders as $order) {
                if (OrderFiles::travels($order) && ! $this->here->isThere($order)) {
                    $this->exchange->lay(fn (): array => array_keys($this->files->needs($order)));
                    $offers[] = new Offer(
                        $order->key(), $order->toJson(), $threads, $order instanceof Recipe, $this->weight($order),
                    );
                }
            }
        } catch (RuntimeException|JsonException $problem) {
            // The bucket may be away: then all is made here.
            Log::warning($problem->getMessage());
        }

        return $offers;
    }

    /**
     * Those that nobody has made yet, as far as a glance tells.
     *
     * @param  list<Offer>  $offers
     * @param  list<Order>  $orders
     * @return list<Offer>
     *
     * @throws StrangePlace
     */
    private function open(array $offers, array $orders): array
    {
        $made = [];
        foreach ($orders as $order) {
            $file = OrderFiles::travels($order) ? $this->here->file($order) : '';
            if ($file !== '' && is_file($file) && is_file("$file.seal")) {
                $made[$order->key()] = true;
            }
        }

        return array_values(array_filter($offers, static fn (Offer $one): bool => ! isset($made[$one->key])));
    }

    private function weight(Order $order): float
    {
        return ($this->urgency->isLooked() ? self::LOOKED : 0.0) + match (true) {
            $order instanceof Recipe => (float) $order->frames,
            $order instanceof MixPlan => self::MIX,
            default => 0.0,
        };
    }

    /**
     * @param  list<Analysis>  $orders
     * @param  Closure(int): void  $tick
     * @return list<string> keys of what was found out here
     *
     * @throws Throwable
     */
    private function analysed(array $orders, Closure $tick, ?callable $made): array
    {
        $keys = [];
        while ($orders !== []) {
            $later = [];
            $hasBegun = false;
            foreach ($orders as $order) {
                $work = new EncoderWork(
                    $order->key(), 'Looking at footage', fn (): bool => $this->here->isThere($order),
                    static fn (): Generator => yield from [],
                );
                $claim = $this->claims->claim($work, true);
                if ($claim === null) {
                    $later[] = $order;

                    continue;
                }
                $hasBegun = true;
                $isMade = false;
                try {
                    $telling = static function (int $done) use ($claim, $tick): void {
                        $claim->beat();
                        $tick($done);
                    };
                    array_push($keys, ...$this->here->make([$order], $telling, $made));
                    $isMade = true;
                } finally {
                    $claim->release($isMade);
                }
            }
            $orders = $later;
            if (! $hasBegun) {
                $tick(0);
                usleep(self::POLL_MICROSECONDS);
            }
        }

        return $keys;
    }

    /** @param  list<Offer>  $offers */
    private function withdraw(array $offers): void
    {
        $this->quietly(fn () => $this->board->withdraw(array_map(
            static fn (Offer $offer): string => $offer->key, $offers,
        )));
    }

    /** @param  callable(): mixed  $say */
    private function quietly(callable $say): void
    {
        try {
            $say();
            $this->roll->tell($this->tools);
        } catch (FarmUnreachable) {
            // All is made here then.
        }
    }
}
