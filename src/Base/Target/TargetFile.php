<?php

declare(strict_types=1);

namespace RapidReel\Base\Target;

use RapidReel\Base\JsonFields;
use ValueError;

/** How large a file an outlet takes. */
final readonly class TargetFile
{
    /** Smaller ones hold no short that anybody would look at. */
    public const LEAST = 500_000;

    public const MOST = 256_000_000_000;

    /** @param  int|null  $most  bytes; null for as large as it gets */
    public function __construct(public ?int $most = null)
    {
    }

    /** @return array{most_bytes: int|null} */
    public function toArray(): array
    {
        return ['most_bytes' => $this->most];
    }

    /** @throws ValueError */
    public static function of(JsonFields $data): self
    {
        return new self($data->has('most_bytes') ? $data->whole('most_bytes', self::LEAST, self::MOST) : null);
    }
}
