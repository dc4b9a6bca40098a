<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Pictures\Framing\Backdrop;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\StillMotion;
use RapidReel\Plan\Choice\Transition;

/** What of its footage a shot shows, and how it comes into view. */
final readonly class CutView
{
    /**
     * @param  FramePath  $path  of the window over the footage, from the shot's start
     * @param  Backdrop|null  $backdrop  where all of the footage is shown over something, instead of a window of it
     * @param  list<string>  $ground  both colours behind it, the upper first, where it is shown over two
     * @param  StillMotion|null  $motion  of a still, as it was found; null of a clip
     * @param  Transition|null  $transition  how the shot before goes over into it; null for a plain cut
     */
    public function __construct(
        public FramePath $path,
        public ?Backdrop $backdrop = null,
        public array $ground = [],
        public ?StillMotion $motion = null,
        public ?Transition $transition = null,
    ) {
    }

    /**
     * @return array{
     *     path: list<array{ms: int, x: float, y: float, scale: float}>, backdrop: string|null, ground?: list<string>,
     *     motion?: string, transition?: array{kind: string, ms: int}
     * }
     */
    public function toArray(): array
    {
        return [
            'path' => $this->path->toArray(),
            'backdrop' => $this->backdrop?->value,
            ...$this->ground === [] ? [] : ['ground' => $this->ground],
            ...$this->motion === null ? [] : ['motion' => $this->motion->value],
            ...$this->transition === null ? [] : ['transition' => $this->transition->toArray()],
        ];
    }

    /**
     * @param  array{
     *     path: non-empty-list<array{ms: int, x: float|int, y: float|int, scale: float|int}>, backdrop?: string|null,
     *     ground?: list<string>, motion?: string, transition?: array{kind: string, ms: int}, ...
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            FramePath::fromArray($data['path']),
            Backdrop::tryFrom($data['backdrop'] ?? ''),
            $data['ground'] ?? [],
            StillMotion::tryFrom($data['motion'] ?? ''),
            Transition::fromArray($data['transition'] ?? null),
        );
    }
}
