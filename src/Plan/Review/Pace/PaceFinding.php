<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Pace;

/** Something about the pace of a short: where it is, and what would mend it. */
final readonly class PaceFinding
{
    /**
     * @param  int  $ms  where in the short
     * @param  int  $scene  number of the scene
     * @param  PaceMend|null  $mend  null where an operator has to find one
     */
    public function __construct(
        public PaceCode $code,
        public string $message,
        public int $ms,
        public int $scene,
        public ?PaceMend $mend = null,
    ) {
    }

    /** @return array{code: string, message: string, ms: int, scene: int, mend: array<string, int|string>|null} */
    public function toArray(): array
    {
        return [
            'code' => $this->code->value, 'message' => $this->message, 'ms' => $this->ms, 'scene' => $this->scene,
            'mend' => $this->mend?->toArray(),
        ];
    }
}
