<?php

declare(strict_types=1);

namespace RapidReel\Plan\Brief;

/** Light, time of day and weather as a text tells them, carried on until it tells otherwise. */
final class Daylight
{
    private const LIGHT = [
        'at dawn' => 'dawn|sunrise|daybreak|first light',
        'at dusk' => 'dusk|sunset|twilight|nightfall',
        'in the evening' => 'evenings?',
        'in the morning' => 'mornings?',
        'by night' => 'nights?|midnight|moonlight|moonlit|stars?|darkness|in the dark',
        'at noon' => 'noon|midday',
    ];

    private const WEATHER = [
        'in fog' => 'fog|mist|haze',
        'in a storm' => 'storms?|gales?|hurricane|tempest',
        'in the rain' => 'rain|downpour',
        'in snow' => 'snow|blizzard',
        'in ice' => 'ice|frozen|froze',
    ];

    private string $light = '';

    private string $weather = '';

    public function hear(string $text): void
    {
        $this->light = self::last($text, self::LIGHT) ?? $this->light;
        $found = self::last($text, self::WEATHER);
        if ($found !== null) {
            $this->weather = $found;
        } elseif (self::last($text, self::LIGHT) !== null) {
            // Another day has its own weather.
            $this->weather = '';
        }
    }

    /** Such as "by night, in fog"; empty where nothing was told. */
    public function says(): string
    {
        return trim("{$this->light}, {$this->weather}", ', ');
    }

    /** @param  array<string, string>  $kinds */
    private static function last(string $text, array $kinds): ?string
    {
        $found = null;
        $at = -1;
        foreach ($kinds as $says => $words) {
            if (preg_match_all("/\b(?:$words)\b/iu", $text, $matches, PREG_OFFSET_CAPTURE)) {
                $place = $matches[0][count($matches[0]) - 1][1];
                if ($place > $at) {
                    [$found, $at] = [$says, $place];
                }
            }
        }

        return $found;
    }
}
