<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

/** A place that shorts can be brought to, as this machine knows it. Which channel uses it is not told here. */
final readonly class OutletPlace
{
    /** @param  array<string, mixed>  $set  as the file of outlets says, checked */
    public function __construct(
        public string $id,
        public string $name,
        public PlaceKind $kind,
        public array $set,
    ) {
    }

    public function text(string $key, string $else = ''): string
    {
        return is_string($this->set[$key] ?? null) ? $this->set[$key] : $else;
    }

    public function whole(string $key, int $else): int
    {
        return is_int($this->set[$key] ?? null) ? $this->set[$key] : $else;
    }

    /** Whether somebody has to sign in before anything is brought there. */
    public function wantsSignIn(): bool
    {
        return $this->kind === PlaceKind::Service;
    }
}
