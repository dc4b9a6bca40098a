<?php

declare(strict_types=1);

namespace RapidReel\Base\Target;

use RapidReel\Base\FrameShape;
use RapidReel\Base\JsonFields;
use RapidReel\Base\SafeArea;
use ValueError;

/** The frames that an outlet accepts: their shape, how many pixels, how many a second, and what it draws over them. */
final readonly class TargetPicture
{
    /** Pixels of the shorter side: the usual ones (common practice, no published source) */
    public const SIDES = [720, 1080, 2160];

    public const LEAST_SIDE = 240;

    public const MOST_SIDE = 2160;

    /** Frames a second: those of film, of television in both worlds, and twice those (ITU-R BT.709, BT.2020) */
    public const RATES = [24, 25, 30, 50, 60];

    public const USUAL_RATE = 30;

    public const USUAL_SIDE = 1080;

    /**
     * @param  FrameShape|null  $shape  null for the one that is set for a short
     * @param  int  $side  pixels of the shorter side, even as the longer is
     * @param  int  $fps  one of RATES
     * @param  SafeArea|null  $safe  null for the usual of its shape
     */
    public function __construct(
        public ?FrameShape $shape = null,
        public int $side = self::USUAL_SIDE,
        public int $fps = self::USUAL_RATE,
        public ?SafeArea $safe = null,
    ) {
    }

    /** @return array{int, int} pixels across and down of a frame of a shape */
    public function size(FrameShape $set): array
    {
        $shape = $this->shape ?? $set;
        $unit = min($shape->width(), $shape->height());

        return [
            2 * (int) round($shape->width() * $this->side / $unit / 2),
            2 * (int) round($shape->height() * $this->side / $unit / 2),
        ];
    }

    /** @return array{shape: string|null, side: int, fps: int, safe: array<string, float>|null} */
    public function toArray(): array
    {
        return [
            'shape' => $this->shape?->value, 'side' => $this->side, 'fps' => $this->fps,
            'safe' => $this->safe?->toArray(),
        ];
    }

    /** @throws ValueError */
    public static function of(JsonFields $data): self
    {
        $rate = $data->whole('fps', 1, 240);

        return new self(
            $data->has('shape') ? FrameShape::from($data->text('shape')) : null,
            $data->whole('side', self::LEAST_SIDE, self::MOST_SIDE),
            in_array($rate, self::RATES, true) ? $rate : throw new ValueError("No target has $rate frames a second."),
            $data->has('safe') ? SafeArea::of($data->part('safe')) : null,
        );
    }
}
