<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

use RapidReel\Pictures\Footage\FootageKind;

/**
 * A clip or still that a renderer reads, known by its content: whoever sees the media disk finds it there by its key.
 */
final readonly class Source
{
    /**
     * @param  string  $key  hash of its content
     * @param  int  $width  in pixels, as shown
     * @param  int  $height  in pixels, as shown
     */
    public function __construct(
        public string $key,
        public FootageKind $kind,
        public int $width,
        public int $height,
    ) {
    }

    /** @return array{key: string, kind: string, width: int, height: int} */
    public function toArray(): array
    {
        return ['key' => $this->key, 'kind' => $this->kind->value, 'width' => $this->width, 'height' => $this->height];
    }

    /** @param  array{key: string, kind: string, width: int, height: int}  $data */
    public static function fromArray(array $data): self
    {
        return new self($data['key'], FootageKind::from($data['kind']), $data['width'], $data['height']);
    }
}
