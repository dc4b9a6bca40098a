<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Rundown;

use RapidReel\Text\Hook\HookFinding;

/** The hook of a short with what speaks for it and against, and others to try. */
final readonly class HookView
{
    /**
     * @param  string  $seconds  that it takes
     * @param  string  $window  seconds that it has
     * @param  list<HookFinding>  $findings
     * @param  list<OtherHook>  $others
     */
    public function __construct(
        public string $text,
        public string $seconds,
        public string $window,
        public array $findings,
        public array $others,
    ) {
    }
}
