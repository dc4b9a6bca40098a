<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

use RapidReel\Captions\Card\CardMotion;

/** When something is laid over a segment, and how it comes and goes. In frames. */
final readonly class Span
{
    /**
     * @param  int  $from  frame of the segment at which it comes; it may have come before
     * @param  int  $frames  how long it stays
     */
    public function __construct(
        public int $from,
        public int $frames,
        public CardMotion $enter,
        public CardMotion $leave,
    ) {
    }

    /** Frames over which it comes, and goes. */
    public function moving(int $fps): int
    {
        return max(1, min(intdiv($this->frames, 2), (int) round(CardMotion::MS * $fps / 1000)));
    }

    /** @return array{from: int, frames: int, enter: string, leave: string} */
    public function toArray(): array
    {
        return [
            'from' => $this->from, 'frames' => $this->frames, 'enter' => $this->enter->value,
            'leave' => $this->leave->value,
        ];
    }

    /** @param  array{from: int, frames: int, enter: string, leave: string}|null  $data */
    public static function fromArray(?array $data): ?self
    {
        return $data === null ? null : new self(
            $data['from'], $data['frames'], CardMotion::from($data['enter']), CardMotion::from($data['leave']),
        );
    }
}
