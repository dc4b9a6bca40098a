<?php

declare(strict_types=1);

namespace RapidReel\Render;

use RapidReel\Framing\Backdrop;
use RapidReel\Framing\FramePath;

/**
 * A source as it fills the frame: from where in it, and where the window stands over it; or all of it, over a backdrop.
 */
final readonly class Layer
{
    /** @param  int  $inMs  where in a clip it begins */
    public function __construct(
        public Source $source,
        public int $inMs,
        public FramePath $path,
        public ?Backdrop $backdrop = null,
    ) {
    }

    /** The same from a later moment on. */
    public function from(int $ms): self
    {
        return new self($this->source, $this->inMs + $ms, $this->path->from($ms), $this->backdrop);
    }

    /** The same begun so much earlier, as far as there is anything before; its window holds still until then. */
    public function before(int $ms): self
    {
        return new self($this->source, max(0, $this->inMs - $ms), $this->path->from(-$ms), $this->backdrop);
    }

    /**
     * @return array{
     *     source: array{key: string, kind: string, width: int, height: int}, in_ms: int,
     *     path: list<array{ms: int, x: float, y: float, scale: float}>, backdrop?: string
     * }
     */
    public function toArray(): array
    {
        return [
            'source' => $this->source->toArray(),
            'in_ms' => $this->inMs,
            'path' => $this->path->toArray(),
            // Left out where there is none, so that segments of before keep their keys.
            ...$this->backdrop === null ? [] : ['backdrop' => $this->backdrop->value],
        ];
    }

    /**
     * @param  array{
     *     source: array{key: string, kind: string, width: int, height: int}, in_ms: int,
     *     path: non-empty-list<array{ms: int, x: float|int, y: float|int, scale: float|int}>, backdrop?: string
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            Source::fromArray($data['source']),
            $data['in_ms'],
            FramePath::fromArray($data['path']),
            Backdrop::tryFrom($data['backdrop'] ?? ''),
        );
    }
}
