<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

/** A stretch of one script line that is either spoken or a note. */
final readonly class ScriptRun
{
    public function __construct(
        public string $text,
        public RunKind $kind,
    ) {
    }
}
