<?php

declare(strict_types=1);

namespace RapidReel\Making\Order;

use JsonException;
use RapidReel\Base\JsonFields;
use RapidReel\Voice\Speech\SpokenText;
use RapidReel\Voice\Speech\Voice;
use ValueError;

/** That a voice speaks a text: a raw take of it, and when every word is said. */
final readonly class SpokenTake implements Order
{
    /** Raised whenever the same speech is cut otherwise than before. */
    private const VERSION = 3;

    public SpokenText $text;

    /**
     * @param  array<string, string>  $pronunciations  how to say it, by what is written
     * @param  string  $engines  version of those that speak: the same words may sound otherwise in another
     */
    public function __construct(
        string $written,
        private array $pronunciations,
        public Voice $voice,
        private string $engines,
    ) {
        $this->text = SpokenText::of($written, $pronunciations);
    }

    public function kind(): OrderKind
    {
        return OrderKind::Speech;
    }

    public function key(): string
    {
        return hash('sha256', implode("\0", [
            self::VERSION,
            $this->engines,
            $this->voice->fingerprint(),
            $this->text->written,
            $this->text->said === $this->text->written ? '' : $this->text->said,
        ]));
    }

    public function toJson(): string
    {
        return json_encode([
            'speech' => $this->text->written,
            // What stands nowhere in the text changes nothing.
            'pronunciations' => (object) array_filter(
                $this->pronunciations,
                fn (string $form): bool => SpokenText::of($this->text->written, [$form => ' '])->said
                    !== $this->text->written,
                ARRAY_FILTER_USE_KEY,
            ),
            'voice' => $this->voice->toArray(),
            'engines' => $this->engines,
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * @throws JsonException
     * @throws ValueError where it is no such order
     */
    public static function fromJson(string $json): self
    {
        $order = JsonFields::of($json);
        $said = [];
        foreach ($order->texts('pronunciations') as $form => $how) {
            $said[(string) $form] = $how;
        }

        return new self(
            $order->text('speech', '/^.{1,20000}$/us'), $said, Voice::fromJson($order->part('voice')),
            $order->text('engines'),
        );
    }
}
