<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

/** What people call a colour: the nearest of some that everybody knows. */
final class ColourName
{
    /** Names of everyday English, in sRGB. Common practice, no published source. */
    private const NAMES = [
        'black' => '000000', 'charcoal' => '2B2E31', 'dark grey' => '55585B', 'grey' => '808080',
        'light grey' => 'B9BCBE', 'pale grey' => 'E1E2E3', 'white' => 'FFFFFF',
        'cream' => 'FDF6E0', 'ivory' => 'FBF5E6', 'sand' => 'D9C39A', 'tan' => 'B98F5F', 'brown' => '7A4A24',
        'dark brown' => '4A2C17', 'rust' => 'A5401D', 'brick red' => 'B0321B', 'dark red' => '7C1616',
        'red' => 'E01B1B', 'coral' => 'FF7152', 'salmon' => 'F7A08C', 'pink' => 'F58BB8', 'pale pink' => 'F9D0DE',
        'magenta' => 'D6189A', 'wine' => '6B1F3C', 'orange' => 'FF8A1E', 'peach' => 'FFCBA0', 'amber' => 'FFBF3A',
        'gold' => 'D9A520', 'yellow' => 'FFE52B', 'pale yellow' => 'FFF6A8', 'mustard' => 'BF9A22',
        'lime' => 'B4E61E', 'olive' => '75762B', 'pale green' => 'BFE5B5', 'green' => '2FA044',
        'bright green' => '25DD3C', 'dark green' => '1C4F2A', 'forest green' => '147038',
        'mint' => 'A1EBCB', 'sea green' => '2F8F74',
        'teal' => '1B8085', 'dark teal' => '1F4A50', 'deep sea' => '1F3540', 'turquoise' => '35CFC6',
        'cyan' => '1FE0F5', 'pale blue' => 'BFDDF2', 'sky blue' => '6DB9F0', 'blue' => '1F4FF0',
        'royal blue' => '2B3C9F', 'navy' => '17234F', 'midnight' => '0B1418', 'slate' => '5A6B78',
        'steel blue' => '4B7CA3', 'indigo' => '402C8C', 'violet' => '8447D6', 'lavender' => 'C9B8EE',
        'purple' => '71288A', 'plum' => '5A2B54',
    ];

    /** @param  string  $hex  six hexadecimal digits */
    public static function of(string $hex): string
    {
        static $known = null;
        $known ??= array_map(Lab::ofHex(...), self::NAMES);
        /** @var non-empty-array<string, Lab> $known */
        $own = Lab::ofHex($hex);
        $differences = array_map(static fn (Lab $one): float => $one->difference($own), $known);

        return (string) array_search(min($differences), $differences, true);
    }
}
