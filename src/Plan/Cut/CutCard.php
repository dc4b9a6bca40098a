<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\FrameShape;
use RapidReel\Captions\Card\CardMotion;
use RapidReel\Captions\Card\CardPicture;

/** A card over the picture for a time. Times in ms of the short, places as fractions of the frame. */
final readonly class CutCard
{
    /**
     * @param  float  $x  of its middle
     * @param  float  $y  of its middle
     * @param  float  $width  of its picture, as it is turned
     * @param  string  $says  what it shows, in words
     * @param  int|null  $scene  number of the scene that an operator put it over; null where a rule did
     * @param  int  $number  among the cards of that scene
     */
    public function __construct(
        public int $startMs,
        public int $endMs,
        public CardPicture $picture,
        public float $x,
        public float $y,
        public float $width,
        public CardMotion $enter,
        public CardMotion $leave,
        public string $says = '',
        public ?int $scene = null,
        public int $number = 0,
    ) {
    }

    /** Of its picture, as a fraction of the frame's. */
    public function height(FrameShape $shape): float
    {
        return $this->width * $this->picture->height / $this->picture->width * $shape->aspect();
    }

    /**
     * @return array{
     *     start_ms: int, end_ms: int, key: string, width: int, height: int, x: float, y: float, part: float,
     *     enter: string, leave: string, says: string, scene: int|null, number: int
     * }
     */
    public function toArray(): array
    {
        return [
            'start_ms' => $this->startMs, 'end_ms' => $this->endMs, 'key' => $this->picture->key,
            'width' => $this->picture->width, 'height' => $this->picture->height, 'x' => $this->x, 'y' => $this->y,
            'part' => $this->width, 'enter' => $this->enter->value, 'leave' => $this->leave->value,
            'says' => $this->says, 'scene' => $this->scene, 'number' => $this->number,
        ];
    }

    /**
     * @param  array{
     *     start_ms: int, end_ms: int, key: string, width: int, height: int, x: float|int, y: float|int,
     *     part: float|int, enter: string, leave: string, says: string, scene: int|null, number: int
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['start_ms'],
            $data['end_ms'],
            new CardPicture($data['key'], $data['width'], $data['height']),
            (float) $data['x'],
            (float) $data['y'],
            (float) $data['part'],
            CardMotion::from($data['enter']),
            CardMotion::from($data['leave']),
            $data['says'],
            $data['scene'],
            $data['number'],
        );
    }
}
