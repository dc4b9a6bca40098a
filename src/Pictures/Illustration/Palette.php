<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Illustration;

/** Colours of a drawn scene by its light. */
final readonly class Palette
{
    /**
     * @param  list<string>  $sky  from above to the horizon
     * @param  string  $far  what is far
     * @param  string  $ground  sea or land
     * @param  string  $near  what is near
     * @param  string  $light  sun, moon or lamp
     */
    private function __construct(
        public array $sky,
        public string $far,
        public string $ground,
        public string $near,
        public string $light,
        public bool $isNight = false,
    ) {
    }

    /** @param  string  $brief  in words */
    public static function of(string $brief): self
    {
        $says = static fn (string $words): bool => preg_match("/\\b(?:$words)\\b/iu", $brief) === 1;

        return match (true) {
            $says('storm|gale|rain|wreck') => new self(
                ['#1d2a2e', '#3a4a4a', '#5d6a63'], '#2c3a3b', '#26383c', '#142024', '#c9d0bf',
            ),
            $says('fog|mist|haze|snow|ice') => new self(
                ['#8fa3a0', '#b6c2b9', '#d5d6c6'], '#93a39f', '#7d928f', '#4b5f61', '#f2ecd8',
            ),
            $says('night|midnight|dark|stars?|moon') => new self(
                ['#0d1a24', '#17303d', '#2b4c55'], '#1b3039', '#15303a', '#0b161b', '#f0d58c', true,
            ),
            $says('dawn|morning|sunrise') => new self(
                ['#4d6b78', '#b98f7c', '#f0c39a'], '#8a7c7b', '#6f8288', '#35464d', '#ffe9bd',
            ),
            $says('noon|midday|summer') => new self(
                ['#3f7d93', '#86b3b4', '#d9dfc4'], '#6f9095', '#46808a', '#22464f', '#fff3cf',
            ),
            default => new self(['#274453', '#96695c', '#e6ab76'], '#6d5a5d', '#54616b', '#23303a', '#f7d695'),
        };
    }
}
