<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\FrameShape;
use RapidReel\Captions\Card\CardMotion;
use RapidReel\Captions\Card\CardMotions;
use RapidReel\Captions\Card\CardPicture;

/** A card over the picture for a time. Times in ms of the short, places as fractions of the frame. */
final readonly class CutCard
{
    public function __construct(
        public int $startMs,
        public int $endMs,
        public CardPicture $picture,
        public CardPlace $place,
        public CardMotions $motions = new CardMotions,
        public CardOrigin $of = new CardOrigin,
    ) {
    }

    /** Of its picture, as a fraction of the frame's. */
    public function height(FrameShape $shape): float
    {
        return $this->place->width * $this->picture->height / $this->picture->width * $shape->aspect();
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
            'width' => $this->picture->width, 'height' => $this->picture->height,
            'x' => $this->place->x, 'y' => $this->place->y, 'part' => $this->place->width,
            'enter' => $this->motions->enter->value, 'leave' => $this->motions->leave->value,
            'says' => $this->of->says, 'scene' => $this->of->scene, 'number' => $this->of->number,
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
            new CardPlace((float) $data['x'], (float) $data['y'], (float) $data['part']),
            new CardMotions(CardMotion::from($data['enter']), CardMotion::from($data['leave'])),
            new CardOrigin($data['says'], $data['scene'], $data['number']),
        );
    }
}
