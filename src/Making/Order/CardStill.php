<?php

declare(strict_types=1);

namespace RapidReel\Making\Order;

use JsonException;
use RapidReel\Base\FrameShape;
use RapidReel\Base\JsonFields;
use RapidReel\Captions\Card\CardDesign;
use ValueError;

/** That a card is drawn, as a picture for frames of a shape. */
final readonly class CardStill implements Order
{
    /** Raised whenever the same look is drawn otherwise. */
    private const VERSION = 1;

    private const COLOUR = '[0-9A-Fa-f]{6}';

    public function __construct(
        public CardDesign $look,
        public FrameShape $shape,
    ) {
    }

    public function kind(): OrderKind
    {
        return OrderKind::Card;
    }

    public function key(): string
    {
        return hash('sha256', json_encode(
            [self::VERSION, get_object_vars($this->look), $this->shape->value], JSON_THROW_ON_ERROR,
        ));
    }

    public function toJson(): string
    {
        return json_encode(
            ['card' => get_object_vars($this->look), 'shape' => $this->shape->value], JSON_THROW_ON_ERROR,
        );
    }

    /**
     * @throws JsonException
     * @throws ValueError where it is no such order
     */
    public static function fromJson(string $json): self
    {
        $order = JsonFields::of($json);
        $card = $order->part('card');

        return new self(new CardDesign(
            kind: $card->text('kind', '/^[a-z-]{1,40}$/'),
            text: $card->text('text', '/^.{0,400}$/us'),
            face: $card->text('face', '/^[A-Za-z0-9._-]{1,80}$/'),
            fill: $card->text('fill', '/^'.self::COLOUR.'$/'),
            plate: $card->text('plate', '/^(?:'.self::COLOUR.')?$/'),
            size: $card->whole('size', 1, 4_000),
            turn: $card->whole('turn', -360, 360),
        ), FrameShape::from($order->text('shape')));
    }
}
