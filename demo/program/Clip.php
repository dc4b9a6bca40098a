<?php

declare(strict_types=1);

namespace RapidReel\Demo;

use Closure;

/** A wide clip with one subject that moves through it. */
final readonly class Clip
{
    public const WIDTH = 1920;

    public const HEIGHT = 1080;

    public const FPS = 30;

    public const FRONT_TOP = 680;

    /**
     * @param  list<string>  $tags
     * @param  Closure(Pen): mixed  $back
     * @param  (Closure(Pen): mixed)|null  $front  drawn 120 px wider, as it sways before the subject; from FRONT_TOP
     *   down
     */
    public function __construct(
        public string $name,
        public array $tags,
        public Subject $subject,
        public Motion $motion,
        public Closure $back,
        public ?Closure $front = null,
    ) {
    }

    public function frames(): int
    {
        return (int) round($this->motion->seconds * self::FPS);
    }

    /**
     * @return list<array{x: float, y: float, w: float, h: float}> middle and size of the subject per frame, as
     * fractions of the picture
     */
    public function truth(): array
    {
        [$w, $h, $dx, $dy] = array_map(
            fn (float|int $length): float => $length * $this->subject->scale,
            $this->subject->box,
        );
        $truth = [];
        for ($frame = 0; $frame < $this->frames(); $frame++) {
            $t = $frame / self::FPS;
            $turn = deg2rad($this->motion->turnAt($t));
            $truth[] = [
                'x' => round(($this->motion->at(0, $t) + $dx * cos($turn) - $dy * sin($turn)) / self::WIDTH, 5),
                'y' => round(($this->motion->at(1, $t) + $dx * sin($turn) + $dy * cos($turn)) / self::HEIGHT, 5),
                'w' => round($w / self::WIDTH, 5),
                'h' => round($h / self::HEIGHT, 5),
            ];
        }

        return $truth;
    }
}
