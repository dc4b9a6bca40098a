<?php

declare(strict_types=1);

namespace App\Media\Depot;

use App\Media\Store\StrangePlace;
use Closure;
use RuntimeException;

/** The disk that all machines see. What stands there is named as it is below the root of the media disk. */
interface Depot
{
    /** @throws StrangePlace */
    public function has(string $name): bool;

    /**
     * Copies a file from there into a work folder of this machine.
     *
     * @param  (Closure(): mixed)|null  $tick  called again and again while it comes
     *
     * @throws StrangePlace
     * @throws RuntimeException when it is not there, or does not come to its end
     */
    public function fetch(string $name, string $target, ?Closure $tick = null): void;

    /**
     * Puts a file there, whole or not at all.
     *
     * @throws StrangePlace
     * @throws RuntimeException when it is not taken
     */
    public function send(string $file, string $name): void;

    /**
     * Takes away what is no longer wanted there.
     *
     * @throws StrangePlace
     */
    public function drop(string $name): void;
}
