<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Rundown;

use App\Shelves\Models\Hook;
use RapidReel\Text\Hook\HookFinding;

/** Other first words that could be tried. */
final readonly class OtherHook
{
    /** @param  list<HookFinding>  $findings */
    public function __construct(
        public string $text,
        public string $from,
        public ?Hook $kept,
        public string $seconds,
        public bool $isLate,
        public array $findings,
    ) {
    }

    /** The first two findings in a line. */
    public function verdict(): string
    {
        return implode(' ', array_map(
            static fn (HookFinding $finding): string => ($finding->good ? '+ ' : '− ').$finding->message,
            array_slice($this->findings, 0, 2),
        ));
    }
}
