<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

use InvalidArgumentException;
use JsonException;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Making\Order\Order;
use RapidReel\Making\Order\OrderKind;
use RapidReel\Pictures\Matte\Matte;

/**
 * All that the pixels of one segment depend on, and nothing else: a renderer gets this and the media disk. Its hash is
 * the segment's key.
 *
 * @phpstan-import-type KeyingData from Matte
 */
final readonly class Recipe implements Order
{
    /** Raised whenever the same recipe renders to other pixels than before. */
    private const VERSION = 5;

    /** The same of one that is graded. */
    private const GRADED = 6;

    /** And of those in which something is dimmed behind a subject. */
    private const DIMMED = 7;

    /**
     * @param  int  $frames  at least 1
     * @param  Bridge|null  $to  what it goes over into
     * @param  list<Overlay>  $overlays  the lowest first
     * @param  CaptionScript  $captions  in the segment's own time, with the faces that draw them
     * @param  list<string>  $encoder  arguments of the encoder
     */
    public function __construct(
        public int $frames,
        public Raster $raster,
        public Layer $layer,
        public Look $look,
        public CaptionScript $captions,
        public array $encoder,
        public array $overlays = [],
        public ?Bridge $to = null,
    ) {
        if ($frames < 1) {
            throw new InvalidArgumentException('A segment has at least one frame.');
        }
    }

    /**
     * The same in another size.
     *
     * @param  list<string>  $encoder
     */
    public function sized(int $width, int $height, array $encoder): self
    {
        return new self(
            $this->frames, new Raster($width, $height, $this->raster->fps), $this->layer, $this->look, $this->captions,
            $encoder, $this->overlays, $this->to,
        );
    }

    public function kind(): OrderKind
    {
        return OrderKind::Segment;
    }

    /** A hash of every field. */
    public function key(): string
    {
        return hash(
            'sha256',
            json_encode([$this->version(), $this->toArray()], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
        );
    }

    /** Whether nothing but its frame's size and its encoding tells it from another. */
    public function picture(): string
    {
        return hash(
            'sha256',
            json_encode(
                [$this->version(), array_diff_key($this->toArray(), ['width' => 0, 'height' => 0, 'encoder' => 0])],
                JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
            ),
        );
    }

    private function version(): int
    {
        return match (true) {
            self::dimsBehind($this->layer, $this->look),
            $this->to !== null && self::dimsBehind($this->to->layer, $this->to->look ?? $this->look) => self::DIMMED,
            $this->look->isPlain() && $this->to?->look?->isPlain() !== false => self::VERSION,
            default => self::GRADED,
        };
    }

    private static function dimsBehind(Layer $layer, Look $look): bool
    {
        return $layer->matte !== null && $look->dim !== 0.0;
    }

    /** @return list<Source> all that must be on the media disk, in the order in which they are read */
    public function sources(): array
    {
        return array_values(array_filter([
            $this->layer->source,
            $this->layer->behind(),
            $this->to?->layer->source,
            $this->to?->layer->behind(),
            ...array_map(static fn (Overlay $overlay): Source => $overlay->source, $this->overlays),
        ]));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'frames' => $this->frames,
            'fps' => $this->raster->fps,
            'width' => $this->raster->width,
            'height' => $this->raster->height,
            'layer' => $this->layer->toArray(),
            'next' => $this->to?->layer->toArray(),
            'blend' => $this->to?->blend->value,
            'overlays' => array_map(static fn (Overlay $overlay): array => $overlay->toArray(), $this->overlays),
            'look' => $this->look->toArray(),
            'captions' => $this->captions->toArray(),
            'encoder' => $this->encoder,
            ...$this->to?->look === null ? [] : ['next_look' => $this->to->look->toArray()],
        ];
    }

    /** @throws JsonException */
    public function toJson(): string
    {
        return json_encode(
            $this->toArray(),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    /**
     * Reads what toJson() wrote.
     *
     * @throws JsonException
     */
    public static function fromJson(string $json): self
    {
        // What was encoded above has this shape; the constructors refuse what does not fit.
        /**
         * @var array{
         *     frames: int, fps: int, width: int, height: int,
         *     layer: array{
         *         source: array{key: string, kind: string, width: int, height: int}, in_ms: int,
         *         path: non-empty-list<array{ms: int, x: float, y: float, scale: float}>, backdrop?: string,
         *         speed?: float, loop_ms?: int, ground?: list<string>, key?: KeyingData
         *     },
         *     next: array{
         *         source: array{key: string, kind: string, width: int, height: int}, in_ms: int,
         *         path: non-empty-list<array{ms: int, x: float, y: float, scale: float}>, backdrop?: string,
         *         speed?: float, loop_ms?: int, ground?: list<string>, key?: KeyingData
         *     }|null,
         *     blend: string|null,
         *     overlays: list<array{
         *         source: array{key: string, kind: string, width: int, height: int}, x: float, y: float,
         *         width: float, opacity: float,
         *         span?: array{from: int, frames: int, enter: string, leave: string}
         *     }>,
         *     look: array{
         *         brightness: float, saturation: float, dim: float,
         *         match?: array{gain: float, lift: float, saturation: float, blue: float, red: float},
         *         grade?: array<string, int|string>, shade?: array{percent: int, top: float, bottom: float}
         *     },
         *     captions: array{ass: string, faces: list<string>, band: array{int, int}|null},
         *     encoder: list<string>,
         *     next_look?: array{
         *         brightness: float, saturation: float, dim: float,
         *         match?: array{gain: float, lift: float, saturation: float, blue: float, red: float},
         *         grade?: array<string, int|string>, shade?: array{percent: int, top: float, bottom: float}
         *     }
         * } $data
         */
        $data = json_decode($json, true, 32, JSON_THROW_ON_ERROR);

        $to = $data['next'] === null || $data['blend'] === null ? null : new Bridge(
            Layer::fromArray($data['next']),
            Blend::from($data['blend']),
            isset($data['next_look']) ? Look::fromArray($data['next_look']) : null,
        );

        return new self(
            $data['frames'],
            new Raster($data['width'], $data['height'], $data['fps']),
            Layer::fromArray($data['layer']),
            Look::fromArray($data['look']),
            CaptionScript::fromArray($data['captions']),
            $data['encoder'],
            array_map(Overlay::fromArray(...), $data['overlays']),
            $to,
        );
    }
}
