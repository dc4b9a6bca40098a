<?php

declare(strict_types=1);

namespace RapidReel\Captions\Style;

/** What a caption style is made of, each with its range: settings, pages and own styles are read from this list. */
final class StyleFields
{
    public const COLOUR = 'colour';

    public const FACE = 'face';

    private const PX = 'px';

    /** By name: label, group, and a range with its unit, or what it may be. */
    public const ALL = [
        'face' => ['Typeface', 'Type', self::FACE],
        'size' => ['Height of capitals', 'Type', [24, 220, 2, self::PX]],
        'case' => ['Letters', 'Type', ['upper' => 'capitals', 'written' => 'as written', 'lower' => 'small']],
        'letterSpace' => ['Between letters', 'Type', [-6, 30, 1, self::PX]],
        'lineSpace' => ['Between lines', 'Type', [80, 200, 5, '%']],
        'lines' => ['Most lines', 'Type', [1, 4, 1, 'lines']],
        'least' => ['Shrunk to no less than', 'Type', [20, 100, 5, '%']],
        'fill' => ['Colour', 'Colours', self::COLOUR],
        'outline' => ['Outline', 'Colours', [0, 24, 1, self::PX]],
        'outlineColour' => ['Colour of the outline', 'Colours', self::COLOUR],
        'shadow' => ['Shadow', 'Colours', [0, 24, 1, self::PX]],
        'shadowColour' => ['Colour of the shadow', 'Colours', self::COLOUR],
        'glow' => ['Glow', 'Colours', [0, 40, 1, self::PX]],
        'glowColour' => ['Colour of the glow', 'Colours', self::COLOUR],
        'plate' => ['Plate', 'Plate', [
            'none' => 'none', 'words' => 'behind the words', 'spoken' => 'behind the spoken word',
        ]],
        'plateColour' => ['Colour of the plate', 'Plate', self::COLOUR],
        'plateOpacity' => ['How opaque', 'Plate', [10, 100, 5, '%']],
        'plateRoom' => ['Room around the words', 'Plate', [0, 60, 2, self::PX]],
        'plateRound' => ['Rounded corners', 'Plate', [0, 60, 2, self::PX]],
        'spokenColour' => ['Colour of the spoken word', 'Spoken word', self::COLOUR],
        'spokenScale' => ['Size of the spoken word', 'Spoken word', [100, 150, 1, '%']],
        'emphasis' => ['Words that stand out', 'Emphasis', EmphasisRule::class],
        'accent' => ['Their colour', 'Emphasis', self::COLOUR],
        'accentScale' => ['Their size', 'Emphasis', [100, 150, 1, '%']],
        'emoji' => ['Emoji after a word', 'Emphasis', ['off' => 'none', 'on' => 'where one fits']],
        'emojiEvery' => ['One every', 'Emphasis', [1, 60, 1, 's']],
        'appear' => ['How words come', 'Movement', Appearance::class],
        'appearMs' => ['For how long', 'Movement', [0, 600, 20, 'ms']],
        'height' => ['Height in the frame', 'Place', [5, 95, 1, '%']],
        'words' => ['Most words', 'Cues', [1, 12, 1, 'words']],
        'letters' => ['Most letters', 'Cues', [6, 80, 1, 'letters']],
        'shortest' => ['Shown for at least', 'Cues', [0, 2000, 50, 'ms']],
        'hold' => ['Stays through a pause of', 'Cues', [0, 2000, 50, 'ms']],
        'joints' => ['Breaks', 'Cues', [
            'before' => 'before joining words', 'any' => 'wherever it is full',
        ]],
    ];

    /** By name: the part of a style that it belongs to, and what it is called there. */
    public const PLACES = [
        'face' => ['type', 'face'],
        'size' => ['type', 'size'],
        'case' => ['type', 'case'],
        'letterSpace' => ['type', 'letterSpace'],
        'lineSpace' => ['type', 'lineSpace'],
        'lines' => ['type', 'lines'],
        'least' => ['type', 'least'],
        'fill' => ['paint', 'fill'],
        'outline' => ['paint', 'outline'],
        'outlineColour' => ['paint', 'outlineColour'],
        'shadow' => ['paint', 'shadow'],
        'shadowColour' => ['paint', 'shadowColour'],
        'glow' => ['paint', 'glow'],
        'glowColour' => ['paint', 'glowColour'],
        'plate' => ['plate', 'kind'],
        'plateColour' => ['plate', 'colour'],
        'plateOpacity' => ['plate', 'opacity'],
        'plateRoom' => ['plate', 'room'],
        'plateRound' => ['plate', 'round'],
        'spokenColour' => ['stress', 'spokenColour'],
        'spokenScale' => ['stress', 'spokenScale'],
        'emphasis' => ['stress', 'emphasis'],
        'accent' => ['stress', 'accent'],
        'accentScale' => ['stress', 'accentScale'],
        'emoji' => ['stress', 'emoji'],
        'emojiEvery' => ['stress', 'emojiEvery'],
        'appear' => ['motion', 'appear'],
        'appearMs' => ['motion', 'appearMs'],
        'height' => ['height', ''],
        'words' => ['cues', 'words'],
        'letters' => ['cues', 'letters'],
        'shortest' => ['cues', 'shortest'],
        'hold' => ['cues', 'hold'],
        'joints' => ['cues', 'joints'],
    ];

    /** Names for heights, percent of the frame. */
    public const HEIGHTS = ['top' => 20, 'middle' => 50, 'lower third' => 70];

    public static function isValid(string $name, mixed $value): bool
    {
        $range = self::ALL[$name][2];
        if ($range === self::COLOUR) {
            return is_string($value) && preg_match('/^[0-9A-F]{6}$/', $value) === 1;
        }
        if ($range === self::FACE) {
            return is_string($value) && preg_match('/^[a-z0-9:-]{1,40}$/', $value) === 1;
        }
        if (is_array($range) && array_is_list($range)) {
            return is_int($value) && $value >= $range[0] && $value <= $range[1];
        }

        return is_string($value) && isset(self::options($name)[$value]);
    }

    /** @return array<string, string> what a field may be, with labels; empty where it is a number or a colour */
    public static function options(string $name): array
    {
        $range = self::ALL[$name][2];
        if (is_array($range)) {
            return array_is_list($range) ? [] : $range;
        }
        $options = [];
        foreach (match ($range) {
            Appearance::class => Appearance::cases(),
            EmphasisRule::class => EmphasisRule::cases(),
            default => [],
        } as $case) {
            $options[$case->value] = $case->label();
        }

        return $options;
    }

    /** The key of the setting that overrides it. */
    public static function setting(string $name): string
    {
        return 'caption_'.strtolower((string) preg_replace('/[A-Z]/', '_$0', $name));
    }
}
