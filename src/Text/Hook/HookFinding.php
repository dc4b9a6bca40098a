<?php

declare(strict_types=1);

namespace RapidReel\Text\Hook;

/** One thing that can be said of a hook, with its reason; never a score. */
final readonly class HookFinding
{
    /**
     * @param  string  $code  such as "late", "filler", "asks"
     * @param  bool  $good  whether it speaks for the hook
     */
    public function __construct(
        public string $code,
        public bool $good,
        public string $message,
    ) {
    }
}
