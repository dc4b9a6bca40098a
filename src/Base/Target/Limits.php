<?php

declare(strict_types=1);

namespace RapidReel\Base\Target;

use RapidReel\Base\JsonFields;
use ValueError;

/** The tightest of what several targets ask of one short's length, and whose that is. */
final readonly class Limits
{
    /**
     * @param  array{string, string, string}  $whose  labels of the targets that ask for the shortest, the longest and
     *   the hook; empty where a short has one target alone
     */
    public function __construct(
        public TargetLength $length = new TargetLength,
        public array $whose = ['', '', ''],
    ) {
    }

    /** @param  non-empty-list<Target>  $targets */
    public static function of(array $targets): self
    {
        $cap = static fn (Target $one): int => $one->length->longestMs ?? PHP_INT_MAX;
        $shortest = $longest = $hook = $targets[0];
        foreach ($targets as $one) {
            $shortest = $one->length->shortestMs > $shortest->length->shortestMs ? $one : $shortest;
            $longest = $cap($one) < $cap($longest) ? $one : $longest;
            $hook = $one->length->hookWindowMs < $hook->length->hookWindowMs ? $one : $hook;
        }

        return new self(
            new TargetLength($shortest->length->shortestMs, $longest->length->longestMs, $hook->length->hookWindowMs),
            count($targets) === 1 ? ['', '', ''] : [$shortest->label, $longest->label, $hook->label],
        );
    }

    /** How much longer than allowed, in ms; 0 where it is not */
    public function over(int $ms): int
    {
        return $this->length->longestMs === null ? 0 : max(0, $ms - $this->length->longestMs);
    }

    /** How much shorter than asked for, in ms; 0 where it is not */
    public function under(int $ms): int
    {
        return max(0, $this->length->shortestMs - $ms);
    }

    public function isHookLate(int $ms): bool
    {
        return $ms > $this->length->hookWindowMs;
    }

    /**
     * @return array{
     *     shortest_ms: int, longest_ms: int|null, hook_window_ms: int, whose: array{string, string, string}
     * }
     */
    public function toArray(): array
    {
        return [...$this->length->toArray(), 'whose' => $this->whose];
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws ValueError where it is none
     */
    public static function fromArray(array $data): self
    {
        $fields = new JsonFields($data);
        $whose = array_values($fields->texts('whose'));

        return new self(TargetLength::of($fields), [$whose[0] ?? '', $whose[1] ?? '', $whose[2] ?? '']);
    }
}
