<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

use InvalidArgumentException;
use RapidReel\Base\Colour\Written;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\Backdrop;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Matte\BehindKind;
use RapidReel\Pictures\Matte\Matte;

/**
 * A source as it fills the frame: from where in it, and where the window stands over it; or all of it, over a backdrop.
 *
 * @phpstan-import-type KeyingData from Matte
 */
final readonly class Layer
{
    /**
     * @param  int  $inMs  where in a clip it begins
     * @param  float  $speed  of a clip, 1 as it was taken
     * @param  int  $loopMs  after so many ms of a clip it begins again; 0 where it does not
     * @param  list<string>  $ground  both colours behind it, as RRGGBB, the upper first
     * @param  Matte|null  $matte  how its subject is taken off its ground
     *
     * @throws InvalidArgumentException when a colour is none
     */
    public function __construct(
        public Source $source,
        public int $inMs,
        public FramePath $path,
        public ?Backdrop $backdrop = null,
        public float $speed = 1.0,
        public int $loopMs = 0,
        public array $ground = [],
        public ?Matte $matte = null,
    ) {
        Written::all($ground);
    }

    /** Whether it is a clip over which a window goes along: all of it then moves by whole pixels. */
    public function travels(): bool
    {
        return $this->source->kind === FootageKind::Clip && $this->backdrop === null
            && ! $this->path->isStill() && $this->path->keepsItsSize();
    }

    /** What its subject is put over, where that is footage. */
    public function behind(): ?Source
    {
        $behind = $this->matte?->behind;

        return $behind === null || $behind->kind !== BehindKind::Footage
            ? null
            : new Source($behind->footage, $behind->footageKind, $behind->width, $behind->height);
    }

    /** The same from a later moment on. */
    public function from(int $ms): self
    {
        return $this->beginning($this->inMs + (int) round($ms * $this->speed), $ms);
    }

    /** The same begun so much earlier, as far as there is anything before; its window holds still until then. */
    public function before(int $ms): self
    {
        return $this->beginning(max(0, $this->inMs - (int) round($ms * $this->speed)), -$ms);
    }

    private function beginning(int $inMs, int $laterMs): self
    {
        $inMs = $this->loopMs > 0 ? $inMs % $this->loopMs : $inMs;

        return new self(
            $this->source, $inMs, $this->path->from($laterMs), $this->backdrop, $this->speed, $this->loopMs,
            $this->ground, $this->matte?->from($laterMs),
        );
    }

    /**
     * @return array{
     *     source: array{key: string, kind: string, width: int, height: int}, in_ms: int,
     *     path: list<array{ms: int, x: float, y: float, scale: float}>, backdrop?: string, speed?: float,
     *     loop_ms?: int, ground?: list<string>, key?: array<string, mixed>
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
            ...$this->speed === 1.0 ? [] : ['speed' => $this->speed],
            ...$this->loopMs === 0 ? [] : ['loop_ms' => $this->loopMs],
            ...$this->ground === [] ? [] : ['ground' => $this->ground],
            ...$this->matte === null ? [] : ['key' => $this->matte->toArray()],
        ];
    }

    /**
     * @param  array{
     *     source: array{key: string, kind: string, width: int, height: int}, in_ms: int,
     *     path: non-empty-list<array{ms: int, x: float|int, y: float|int, scale: float|int}>, backdrop?: string,
     *     speed?: float|int, loop_ms?: int, ground?: list<string>, key?: KeyingData
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            Source::fromArray($data['source']),
            $data['in_ms'],
            FramePath::fromArray($data['path']),
            Backdrop::tryFrom($data['backdrop'] ?? ''),
            (float) ($data['speed'] ?? 1.0),
            $data['loop_ms'] ?? 0,
            $data['ground'] ?? [],
            Matte::fromArray($data['key'] ?? null),
        );
    }
}
