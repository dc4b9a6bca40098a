<?php

declare(strict_types=1);

namespace App\Media\Making;

use App\Ground\Work\GivingWay;
use App\Ground\Work\HandedBack;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use RapidReel\Base\Refusal;
use RapidReel\Making\Order\Order;

/**
 * Makes what is ordered, wherever that is done, and keeps it under the key of its order, sealed. What an order is made
 * of stands on the media disk by the hash of its content (`Sources`, `Originals`, `TakeFiles`).
 */
interface Maker
{
    /** Where it stands once it is made. */
    public function file(Order $order): string;

    /** Whether it was made before and is still as it was. */
    public function isThere(Order $order): bool;

    /**
     * @param  list<Order>  $orders  begun in this order; what is there already is not made again
     * @param  callable(int): void|null  $tick  told the number of frames that were made,
     *   or hundredths of an analysis; may throw to call all off
     * @param  callable(): void|null  $made  told whenever one is done
     * @param  GivingWay|null  $way  whether others are to come in between: none is begun then, and none broken off
     * @return list<string> keys of what was made for this call; the others were there, or made for others meanwhile
     *
     * @throws Refusal where something cannot be made as it is ordered
     * @throws ToolFailed
     * @throws UnusableMedia where a file that is to be looked at is none
     * @throws HandedBack once it has given way
     */
    public function make(array $orders, ?callable $tick = null, ?callable $made = null, ?GivingWay $way = null): array;

    /**
     * Says that something will be wanted, so that others may begin it before it is.
     *
     * @param  list<Order>  $orders
     */
    public function announce(array $orders): void;
}
