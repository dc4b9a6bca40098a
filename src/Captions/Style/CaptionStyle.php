<?php

declare(strict_types=1);

namespace RapidReel\Captions\Style;

use InvalidArgumentException;

/**
 * How captions look, how they come and go, and by which rules words are put together in them. Lengths are pixels of a
 * frame of 1080 × 1920, colours RRGGBB, parts percent, times milliseconds. `StyleFields` tells the range of each.
 */
final readonly class CaptionStyle
{
    /**
     * @param  string  $face  id of a face
     * @param  int  $size  height of a capital letter
     * @param  string  $case  upper, written or lower
     * @param  int  $lineSpace  percent of the usual distance of lines
     * @param  int  $lines  how many a caption may have
     * @param  int  $least  percent of its size that type may be shrunk to
     * @param  string  $plate  none, words (behind all of them) or spoken (behind the one that is said)
     * @param  int  $height  of the middle of a caption, percent of the frame from its top
     * @param  string  $emphasis  which words are made to stand out: a case of `EmphasisRule`
     * @param  string  $emoji  on or off
     * @param  int  $emojiEvery  seconds between two
     * @param  int  $words  how many a caption may have
     * @param  int  $letters  how many a caption may have
     * @param  int  $shortest  how long a caption stays at least, if nothing comes after it
     * @param  int  $hold  a caption stays through a pause of no more than that
     * @param  string  $joints  before: breaks are sought before conjunctions and prepositions; any: anywhere
     */
    public function __construct(
        public string $face = 'condensed',
        public int $size = 88,
        public string $case = 'upper',
        public int $letterSpace = 0,
        public int $lineSpace = 100,
        public int $lines = 3,
        public int $least = 60,
        public string $fill = 'FFFFFF',
        public int $outline = 8,
        public string $outlineColour = '14202B',
        public int $shadow = 5,
        public string $shadowColour = '14202B',
        public int $glow = 0,
        public string $glowColour = 'FFC247',
        public string $plate = 'none',
        public string $plateColour = '14202B',
        public int $plateOpacity = 80,
        public int $plateRoom = 24,
        public int $plateRound = 16,
        public string $spokenColour = 'FFC247',
        public int $spokenScale = 100,
        public string $emphasis = 'none',
        public string $accent = '7FE0C3',
        public int $accentScale = 100,
        public string $emoji = 'off',
        public int $emojiEvery = 6,
        public string $appear = 'whole',
        public int $appearMs = 160,
        public int $height = 62,
        public int $words = 3,
        public int $letters = 18,
        public int $shortest = 400,
        public int $hold = 300,
        public string $joints = 'before',
    ) {
        foreach (StyleFields::ALL as $name => $field) {
            if (! StyleFields::isValid($name, $this->$name)) {
                throw new InvalidArgumentException("A caption style cannot have this “{$field[0]}”.");
            }
        }
    }

    public function appearance(): Appearance
    {
        return Appearance::from($this->appear);
    }

    public function emphasisRule(): EmphasisRule
    {
        return EmphasisRule::from($this->emphasis);
    }

    /** A text as it is shown. */
    public function cased(string $text): string
    {
        return match ($this->case) {
            'upper' => mb_strtoupper($text),
            'lower' => mb_strtolower($text),
            default => $text,
        };
    }

    /**
     * The same with other values; those that are in error are left out.
     *
     * @param  array<array-key, mixed>  $values  by name
     */
    public function with(array $values): self
    {
        $valid = [];
        foreach ($values as $name => $value) {
            if (is_string($name) && isset(StyleFields::ALL[$name]) && StyleFields::isValid($name, $value)) {
                $valid[$name] = $value;
            }
        }

        // @phpstan-ignore argument.type (every value was compared with its field)
        return new self(...[...$this->toArray(), ...$valid]);
    }

    /** @return array<string, int|string> by name */
    public function toArray(): array
    {
        $values = [];
        foreach (array_keys(StyleFields::ALL) as $name) {
            /** @var int|string $value */
            $value = $this->$name;
            $values[$name] = $value;
        }

        return $values;
    }
}
