<?php

declare(strict_types=1);

namespace RapidReel\Making\Order;

use JsonException;
use RapidReel\Base\JsonFields;
use ValueError;

/** That something is found out about a file, which stands on the media disk as it came. */
final readonly class Analysis implements Order
{
    /** Raised whenever a ground is looked for in another way. */
    private const GROUND_VERSION = 3;

    /**
     * @param  string  $source  hash of the file's content
     * @param  string|null  $colour  of the ground, as RRGGBB; null where it is to be found
     */
    private function __construct(
        public AnalysisKind $of,
        public string $source,
        public ?string $colour = null,
    ) {
    }

    public static function interest(string $source): self
    {
        return new self(AnalysisKind::Interest, $source);
    }

    public static function ground(string $source, ?string $colour): self
    {
        return new self(AnalysisKind::Ground, $source, $colour);
    }

    public function kind(): OrderKind
    {
        return OrderKind::Analysis;
    }

    public function key(): string
    {
        return match ($this->of) {
            // A map tells its version itself: those that were found before are kept.
            AnalysisKind::Interest => $this->source,
            AnalysisKind::Ground => hash('sha256', self::GROUND_VERSION.$this->source.$this->colour),
        };
    }

    public function toJson(): string
    {
        return json_encode([
            'analysis' => $this->of->value, 'source' => $this->source, 'colour' => $this->colour,
        ], JSON_THROW_ON_ERROR);
    }

    /**
     * @throws JsonException
     * @throws ValueError where it is no such order
     */
    public static function fromJson(string $json): self
    {
        $order = JsonFields::of($json);

        return new self(
            AnalysisKind::from($order->text('analysis')),
            $order->text('source', '/^[0-9a-f]{8,128}$/'),
            $order->has('colour') ? $order->text('colour', '/^[0-9A-Fa-f]{6}$/') : null,
        );
    }
}
