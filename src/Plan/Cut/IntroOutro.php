<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\FrameGrid;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Plan\Choice\EdgeChoice;

/** What stands before a short and after it. It has a time of its own: that of the short begins after the opening. */
final readonly class IntroOutro
{
    public function __construct(
        public ?CutEdge $opening = null,
        public ?CutEdge $ending = null,
    ) {
    }

    /**
     * @param  array{EdgeChoice|null, EdgeChoice|null}  $edges
     * @param  array<array-key, Footage>  $footage  at hand, by id; what is not there is left out
     */
    public static function of(array $edges, array $footage): self
    {
        [$opening, $ending] = array_map(static function (?EdgeChoice $edge) use ($footage): ?CutEdge {
            $one = $footage[$edge->footage ?? ''] ?? null;

            return $edge === null || $one === null ? null : new CutEdge(
                $one->fingerprint, $one->kind, $one->width, $one->height, $edge->ms,
            );
        }, $edges);

        return new self($opening, $ending);
    }

    public function openingMs(): int
    {
        return $this->opening->ms ?? 0;
    }

    public function ms(): int
    {
        return $this->openingMs() + ($this->ending->ms ?? 0);
    }

    /** How many frames both are, each counted by itself as it is rendered. */
    public function frames(FrameGrid $grid): int
    {
        return $grid->frameOf($this->openingMs()) + $grid->frameOf($this->ending->ms ?? 0);
    }

    /**
     * @param  array{
     *     opening?: array{fingerprint: string, kind: string, width: int, height: int, ms: int},
     *     ending?: array{fingerprint: string, kind: string, width: int, height: int, ms: int}
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(CutEdge::fromArray($data['opening'] ?? null), CutEdge::fromArray($data['ending'] ?? null));
    }

    /** @return array{opening?: array<string, string|int>, ending?: array<string, string|int>} */
    public function toArray(): array
    {
        return [
            ...$this->opening === null ? [] : ['opening' => $this->opening->toArray()],
            ...$this->ending === null ? [] : ['ending' => $this->ending->toArray()],
        ];
    }
}
