<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** Why a shot shows what it shows. */
final readonly class ShotReason
{
    /**
     * @param  string  $why  in words
     * @param  bool  $isGood  whether what it shows fits what is said
     * @param  bool  $isOdd  whether its colours are unlike those of the rest
     */
    public function __construct(
        public string $why = '',
        public bool $isGood = true,
        public bool $isOdd = false,
    ) {
    }

    /** @return array{why: string, fits: bool, odd: bool} */
    public function toArray(): array
    {
        return ['why' => $this->why, 'fits' => $this->isGood, 'odd' => $this->isOdd];
    }

    /** @param  array{why?: string, fits?: bool, odd?: bool, ...}  $data */
    public static function fromArray(array $data): self
    {
        return new self($data['why'] ?? '', $data['fits'] ?? true, $data['odd'] ?? false);
    }
}
