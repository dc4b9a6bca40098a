<?php

declare(strict_types=1);

namespace App\Intake;

/** One script as it came, before clean-up. */
final readonly class ScriptSource
{
    public function __construct(
        public string $text,
        public string $title = '',
    ) {
    }

    /** As it is written into a text that holds several scripts. */
    public function asText(): string
    {
        return $this->title === '' ? $this->text : "# {$this->title}\n\n{$this->text}";
    }
}
