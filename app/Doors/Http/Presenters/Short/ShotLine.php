<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Short;

use App\Doors\Http\Presenters\ScopeControl;
use App\Shelves\Models\Footage;

/** A shot on the sheet, known by the word it begins at. */
final readonly class ShotLine
{
    /**
     * @param  array<string, ScopeControl>  $controls  by key; none where there is nothing to set
     * @param  string|null  $framing  address of its framing
     * @param  bool  $fits  whether what it shows fits what is said
     * @param  bool  $isOdd  whether its colours are unlike those of the rest
     */
    public function __construct(
        public int $word,
        public string $start,
        public string $seconds,
        public ?Footage $footage,
        public bool $isLocked,
        public array $controls,
        public ?string $framing = null,
        private string $why = '',
        public bool $fits = true,
        public bool $isOdd = false,
    ) {
    }

    /** What is set of its window, in words. */
    public function says(): string
    {
        return ($this->controls['motion'] ?? $this->controls['framing'])->says;
    }

    /** Why it shows this, in words. */
    public function why(): string
    {
        return match (true) {
            $this->isLocked => '',
            ! $this->fits => 'nothing here fits its words',
            $this->why === '' => '',
            default => "for {$this->why}",
        };
    }

    public function name(): string
    {
        return $this->footage->name ?? 'no longer in the library';
    }
}
