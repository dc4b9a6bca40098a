<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

/** What one kind of change brings. */
final readonly class PaceStep
{
    /**
     * @param  string  $from  how it is, in words
     * @param  string  $to  how it will be
     * @param  int  $ms  by how much the short gets shorter; less than 0 where it gets longer
     * @param  int  $mostMs  the same if it went as far as its limit, after all that is spent before it
     */
    public function __construct(
        public PaceStepKind $kind,
        public string $from,
        public string $to,
        public int $ms,
        public int $mostMs,
    ) {
    }

    public function isTaken(): bool
    {
        return $this->from !== $this->to;
    }

    /** @return array{kind: string, label: string, from: string, to: string, ms: int, most_ms: int} */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value, 'label' => $this->kind->label(), 'from' => $this->from, 'to' => $this->to,
            'ms' => $this->ms, 'most_ms' => $this->mostMs,
        ];
    }
}
