<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review;

use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;

/** How alike two scripts are, and their hooks: 0…1 each (resemblance of their shingles). */
final readonly class Likeness
{
    /** From here on viewers feel that they have heard it before (common practice, no published source). */
    private const SAME_HOOK = 0.6;

    private const SAME_SCRIPT = 0.4;

    public function __construct(
        public float $hook,
        public float $script,
    ) {
    }

    public function isNotable(): bool
    {
        return $this->hook >= self::SAME_HOOK || $this->script >= self::SAME_SCRIPT;
    }

    /** @param  string  $other  how the operator knows the other short */
    public function flag(string $other): Flag
    {
        return $this->script >= self::SAME_SCRIPT
            ? new Flag(
                FlagCode::SameScript,
                $this->script > 0.95
                    ? "The same script as $other."
                    : sprintf('Much the same script as %s: %d %% of it.', $other, (int) round(100 * $this->script)),
            )
            : new Flag(
                FlagCode::SameHook,
                ($this->hook > 0.95 ? 'The same hook as ' : 'Nearly the same hook as ').$other.'.',
            );
    }
}
