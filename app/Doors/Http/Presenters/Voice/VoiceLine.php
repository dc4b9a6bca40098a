<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Voice;

use App\Doors\Http\Presenters\ScopeControl;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Scene;
use RapidReel\Voice\Speech\Voice;

/** A scene on the voice page. */
final readonly class VoiceLine
{
    /** Whether anything is set for it alone. */
    public bool $hasOwn;

    /**
     * @param  string|null  $seconds  that it takes; null while it is not voiced
     * @param  int  $savedMs  of dead air
     * @param  array<string, ScopeControl>  $controls  by key
     */
    public function __construct(
        public Scene $scene,
        public Voice $voice,
        public ?Reading $offered,
        public ?Reading $accepted,
        public ?string $seconds,
        public int $savedMs,
        public array $controls,
    ) {
        $this->hasOwn = array_filter($controls, static fn (ScopeControl $control): bool => $control->isOwn) !== [];
    }

    /** The reading that is shown. */
    public function reading(): ?Reading
    {
        return $this->offered ?? $this->accepted;
    }

    /** Changes when another sound or other words are to be drawn. */
    public function drawn(): string
    {
        $reading = $this->reading();

        return hash(
            'xxh32',
            implode('/', [
                $reading?->id,
                $reading?->take,
                $reading?->accepted,
                $this->seconds,
                $this->savedMs,
                $this->scene->spared,
            ]),
        );
    }

    public function number(): int
    {
        return $this->scene->position + 1;
    }
}
