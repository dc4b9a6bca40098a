<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

/** Where a setting is made. The narrower level wins; the channel's is the house style. */
enum Level: string
{
    case Channel = 'channel';
    case Batch = 'batch';
    case Short = 'short';
    case Scene = 'scene';
    case Shot = 'shot';

    /** Who has set it, as in "from the house style". */
    public function owner(): string
    {
        return $this === self::Channel ? 'the house style' : "the {$this->value}";
    }

    /** @return list<self> those that are wider, the widest first */
    public function wider(): array
    {
        return array_slice(self::cases(), 0, $this->rank());
    }

    /** @return list<self> those that are narrower, the widest of them first */
    public function narrower(): array
    {
        return array_slice(self::cases(), $this->rank() + 1);
    }

    private function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
