<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Outbox;

use App\Gateways\Outlets\OutletPlace;
use App\Shelves\Models\Outlet;

/** An outlet as its page shows it. */
final readonly class OutletCard
{
    /** @param  OutletPlace|null  $place  null where this machine knows it no longer */
    public function __construct(
        public Outlet $outlet,
        public ?OutletPlace $place,
        public int $planned,
        public int $posted,
    ) {
    }

    public function kind(): string
    {
        return $this->place?->kind->label() ?? 'a place that this machine knows no longer';
    }

    public function wantsSignIn(): bool
    {
        return $this->place !== null && $this->place->wantsSignIn();
    }

    /** What stands against its posts; empty where nothing does. */
    public function problem(): string
    {
        return match (true) {
            $this->place === null => 'Nothing leaves for it: whoever runs this machine took its place away.',
            $this->wantsSignIn() && $this->outlet->tokens === null => 'Nothing leaves for it until somebody signs in.',
            default => (string) $this->outlet->problem,
        };
    }
}
