<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

/** Looks to begin from, named for what they do. */
final class Looks
{
    /** @return non-empty-array<string, string> labels by id */
    public static function labels(): array
    {
        return [
            'lamplight' => 'lamplight: warm and deep', 'daybreak' => 'daybreak: light and airy',
            'cold-water' => 'cold water: blue and hard', 'old-print' => 'old print: faded, with grain',
            'ink' => 'ink: no colour, hard', 'clear' => 'clear: crisp and full',
        ];
    }

    public static function of(string $id): Grade
    {
        return match ($id) {
            'lamplight' => new Grade(-12, 28, 112, 46, texture: new Texture(45)),
            'daybreak' => new Grade(30, -18, 94, 18, 22),
            'cold-water' => new Grade(-6, 34, 78, -44, texture: new Texture(20, sharpen: 15)),
            'old-print' => new Grade(4, -12, 72, 26, 55, new Texture(30, 34)),
            'ink' => new Grade(2, 58, 0, texture: new Texture(grain: 16)),
            'clear' => new Grade(6, 20, 122, texture: new Texture(sharpen: 30)),
            default => new Grade,
        };
    }
}
