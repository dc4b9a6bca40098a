<?php

declare(strict_types=1);

namespace RapidReel\Base\Target;

use RapidReel\Base\JsonFields;
use ValueError;

/** How long a short may be. */
final readonly class TargetLength
{
    public const HOOK_MS = 3_000;

    /** No short is longer, whatever a target allows. */
    public const MOST_MS = 4 * 3_600_000;

    /**
     * @param  int|null  $longestMs  null where there is no cap
     * @param  int  $hookWindowMs  in which the hook has to be out
     */
    public function __construct(
        public int $shortestMs = 5_000,
        public ?int $longestMs = 60_000,
        public int $hookWindowMs = self::HOOK_MS,
    ) {
    }

    /** @return array{shortest_ms: int, longest_ms: int|null, hook_window_ms: int} */
    public function toArray(): array
    {
        return [
            'shortest_ms' => $this->shortestMs, 'longest_ms' => $this->longestMs,
            'hook_window_ms' => $this->hookWindowMs,
        ];
    }

    /** @throws ValueError */
    public static function of(JsonFields $data): self
    {
        $shortest = $data->whole('shortest_ms', 0, self::MOST_MS);

        return new self(
            $shortest,
            $data->has('longest_ms') ? $data->whole('longest_ms', max(1_000, $shortest), self::MOST_MS) : null,
            $data->whole('hook_window_ms', 500, 60_000),
        );
    }
}
