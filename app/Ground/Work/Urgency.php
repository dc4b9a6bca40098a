<?php

declare(strict_types=1);

namespace App\Ground\Work;

use Closure;

/**
 * Whether somebody sits before what this process does at this moment, or nobody does. What nobody waits for is done
 * with what the machine has left.
 */
final class Urgency
{
    private const USUAL = 0;

    private const LOOKED = 1;

    private const BACKGROUND = 2;

    private int $now = self::USUAL;

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public function background(Closure $work): mixed
    {
        return $this->during(self::BACKGROUND, $work);
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public function looked(Closure $work): mixed
    {
        return $this->during(self::LOOKED, $work);
    }

    public function isBackground(): bool
    {
        return $this->now === self::BACKGROUND;
    }

    public function isLooked(): bool
    {
        return $this->now === self::LOOKED;
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    private function during(int $how, Closure $work): mixed
    {
        $before = $this->now;
        $this->now = $how;
        try {
            return $work();
        } finally {
            $this->now = $before;
        }
    }
}
