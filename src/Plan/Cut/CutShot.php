<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use InvalidArgumentException;
use RapidReel\Pictures\Matte\Matte;

/**
 * One picture on screen: which footage, from where in it, and how it is framed and moves. Times in ms of the short.
 *
 * @phpstan-import-type KeyingData from Matte
 *
 * @phpstan-type ShotData array{
 *     footage: string, start_ms: int, end_ms: int, kind: string, fingerprint: string, width: int, height: int,
 *     in_ms: int, path: non-empty-list<array{ms: int, x: float|int, y: float|int, scale: float|int}>, word: int,
 *     dim: int, backdrop?: string|null, why?: string, fits?: bool, odd?: bool,
 *     match?: array{gain: float|int, lift: float|int, saturation: float|int, blue: float|int, red: float|int}|null,
 *     transition?: array{kind: string, ms: int}, motion?: string, speed?: float|int, loop_ms?: int,
 *     sound?: int, grade?: array<string, mixed>, ground?: list<string>, key?: KeyingData, shade?: int,
 *     is_shaded?: true
 * }
 */
final readonly class CutShot
{
    /** @param  int  $word  of its scene at which it begins, from 0 */
    public function __construct(
        public int $startMs,
        public int $endMs,
        public int $word,
        public CutSource $source,
        public CutView $view,
        public CutPlay $play = new CutPlay,
        public CutLook $look = new CutLook,
        public ShotReason $reason = new ShotReason,
    ) {
        if ($endMs <= $startMs || $play->inMs < 0) {
            throw new InvalidArgumentException('A shot must last.');
        }
    }

    public function looking(CutLook $look): self
    {
        return new self(
            $this->startMs, $this->endMs, $this->word, $this->source, $this->view, $this->play, $look, $this->reason,
        );
    }

    /** How much of a clip is shown, in ms of it */
    public function clipMs(): int
    {
        return $this->play->shownMs($this->endMs - $this->startMs);
    }

    /**
     * @param  int  $laterMs  added to its times
     * @return array<string, mixed> as ShotData
     */
    public function toArray(int $laterMs = 0): array
    {
        return [
            'footage' => $this->source->footage,
            'start_ms' => $this->startMs + $laterMs,
            'end_ms' => $this->endMs + $laterMs,
            'word' => $this->word,
            ...$this->source->toArray(),
            ...$this->view->toArray(),
            ...$this->play->toArray(),
            ...$this->look->toArray(),
            ...$this->reason->toArray(),
        ];
    }

    /** @param  ShotData  $data */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['start_ms'],
            $data['end_ms'],
            $data['word'],
            CutSource::fromArray($data),
            CutView::fromArray($data),
            CutPlay::fromArray($data),
            CutLook::fromArray($data),
            ShotReason::fromArray($data),
        );
    }
}
