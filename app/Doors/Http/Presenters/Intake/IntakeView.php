<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Intake;

use App\Shelves\Models\Pattern;
use RapidReel\Plan\Settings\Setting;

final readonly class IntakeView
{
    /** What stands in the empty field. */
    public const EXAMPLE = <<<'TEXT'
        # The lamp that burned for nobody

        For eleven years, one lighthouse guided no ships at all.
        [music: slow, low strings]
        The harbour had silted up, and the last steamer left in 1884.
        …
        Follow for another light tomorrow.

        ---

        What if a bell could ring for sixty years under water?
        …
        TEXT;

    /**
     * @param  array<string, Setting>  $main  what is chosen most, by key
     * @param  array<string, list<Setting>>  $more  by the name of their section
     * @param  array<string, string>  $inherited  what holds where nothing is chosen, in words, by key
     * @param  string  $voice  that of the house style
     * @param  list<Pattern>  $patterns  that can be given to the batch
     */
    public function __construct(
        public array $main,
        public array $more,
        public array $inherited,
        public string $voice,
        public array $patterns,
    ) {
    }
}
