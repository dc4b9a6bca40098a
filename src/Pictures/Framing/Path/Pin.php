<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

use RapidReel\Base\Refusal;

/**
 * Where an operator wants the window at one moment of a clip: its middle, and how much closer it is than the largest
 * window of its aspect. It says nothing of the aspect, and so holds for all.
 */
final readonly class Pin
{
    public const CLOSEST = 4.0;

    /**
     * @param  int  $ms  of the clip
     * @param  float  $x  0…1 of the source
     * @param  float  $y  0…1 of the source
     * @param  float  $close  1…4
     *
     * @throws Refusal
     */
    public function __construct(
        public int $ms,
        public float $x,
        public float $y,
        public float $close = 1.0,
    ) {
        if ($ms < 0 || ! ($x >= 0 && $x <= 1 && $y >= 0 && $y <= 1) || ! ($close >= 1 && $close <= self::CLOSEST)) {
            throw new Refusal(
                'A pin has a time that is not before the clip, a middle from 0 to 1 across and down, and is from 1 to '
                    .'4 times as close as the largest window.',
            );
        }
    }

    /** @return array{ms: int, x: float, y: float, close: float} */
    public function toArray(): array
    {
        return ['ms' => $this->ms, 'x' => $this->x, 'y' => $this->y, 'close' => $this->close];
    }

    /** @param  list<self>  $pins */
    public static function listToJson(array $pins): string
    {
        return $pins === []
            ? ''
            : json_encode(array_map(static fn (self $pin): array => $pin->toArray(), $pins), JSON_THROW_ON_ERROR);
    }

    /**
     * @return list<self> none of an empty text
     *
     * @throws Refusal when it is no list of pins
     */
    public static function listFromJson(string $json): array
    {
        if (trim($json) === '') {
            return [];
        }
        $data = json_decode($json, true);
        if (! is_array($data)) {
            throw new Refusal('Pins are a list in JSON, each with ms, x and y.');
        }

        return array_map(self::fromArray(...), array_values($data));
    }

    /** @throws Refusal */
    public static function fromArray(mixed $data): self
    {
        if (! is_array($data) || ! is_int($data['ms'] ?? null)) {
            throw new Refusal('A pin has a time in ms, and x and y of its middle, from 0 to 1.');
        }
        foreach (['x', 'y'] as $key) {
            if (! is_int($data[$key] ?? null) && ! is_float($data[$key] ?? null)) {
                throw new Refusal('A pin has a time in ms, and x and y of its middle, from 0 to 1.');
            }
        }
        $close = $data['close'] ?? 1.0;

        return new self(
            $data['ms'],
            (float) $data['x'],
            (float) $data['y'],
            is_int($close) || is_float($close) ? (float) $close : throw new Refusal('How close a pin is, is a number.'),
        );
    }
}
