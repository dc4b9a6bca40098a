<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

/** How a short gets to a length: the least change that does it, or as near as its limits allow. */
final readonly class PacePlan
{
    /**
     * @param  list<PaceStep>  $steps  in the order in which they are spent
     * @param  list<int>  $dropped  numbers of the scenes that are left out, rising
     */
    public function __construct(
        public int $beforeMs,
        public int $targetMs,
        public int $afterMs,
        public PaceValues $values,
        public array $steps,
        public array $dropped,
        public bool $isLonger,
        private PaceRemarks $remarks = new PaceRemarks,
    ) {
    }

    /** The same of a short that has so much around it, which stays. */
    public function around(int $ms): self
    {
        return new self(
            $this->beforeMs + $ms, $this->targetMs + $ms, $this->afterMs + $ms, $this->values, $this->steps,
            $this->dropped, $this->isLonger, $this->remarks,
        );
    }

    /**
     * The same that tells, too, where speech would be faster then than is common.
     *
     * @param  array<int, int>  $words  how many there are in each scene, by number
     */
    public function speaking(array $words): self
    {
        $seconds = max(1, $this->afterMs - $this->values->tailMs) / 1000;
        $rate = array_sum($this->left($words)) / $seconds;
        $hurry = $rate <= PaceLimits::FAST_SPEECH || $this->isLonger ? '' : sprintf(
            'Speech goes at %.1f words a second then; over %.1f it is hard to follow.', $rate, PaceLimits::FAST_SPEECH,
        );

        return new self(
            $this->beforeMs, $this->targetMs, $this->afterMs, $this->values, $this->steps, $this->dropped,
            $this->isLonger, new PaceRemarks($this->remarks->why, $hurry),
        );
    }

    /**
     * @template T
     *
     * @param  array<int, T>  $scenes  by number
     * @return array<int, T> those that are not left out
     */
    public function left(array $scenes): array
    {
        return array_diff_key($scenes, array_flip($this->dropped));
    }

    public function changes(): bool
    {
        return $this->afterMs !== $this->beforeMs || $this->dropped !== [];
    }

    /** By how much the target is missed: what is too long, or where a short is stretched too short. */
    public function missingMs(): int
    {
        return max(0, $this->isLonger ? $this->targetMs - $this->afterMs : $this->afterMs - $this->targetMs);
    }

    public function reaches(): bool
    {
        return $this->missingMs() === 0;
    }

    /** What comes of it, in a sentence. */
    public function says(): string
    {
        $seconds = static fn (int $ms): string => number_format($ms / 1000, 2).' s';
        if (! $this->reaches()) {
            return sprintf(
                $this->isLonger
                    ? 'It cannot be stretched to %s within its limits: at most to %s, %s too short%s.'
                    : 'It cannot be tightened to %s within its limits: at best to %s, %s too long%s.',
                $seconds($this->targetMs),
                $seconds($this->afterMs),
                $seconds($this->missingMs()),
                $this->remarks->why === '' ? '' : ", {$this->remarks->why}",
            );
        }
        if (! $this->changes()) {
            return sprintf(
                'It is %s already: there is nothing to %s.',
                $seconds($this->beforeMs),
                $this->isLonger ? 'stretch' : 'tighten',
            );
        }

        return trim(sprintf(
            'From %s to %s. %s', $seconds($this->beforeMs), $seconds($this->afterMs), $this->remarks->hurry,
        ));
    }

    /**
     * @return array{
     *     before_ms: int, target_ms: int, after_ms: int, missing_ms: int, says: string, dropped: list<int>,
     *     steps: list<array{kind: string, label: string, from: string, to: string, ms: int, most_ms: int}>
     * }
     */
    public function toArray(): array
    {
        return [
            'before_ms' => $this->beforeMs,
            'target_ms' => $this->targetMs,
            'after_ms' => $this->afterMs,
            'missing_ms' => $this->missingMs(),
            'says' => $this->says(),
            'dropped' => $this->dropped,
            'steps' => array_map(static fn (PaceStep $step): array => $step->toArray(), $this->steps),
        ];
    }
}
