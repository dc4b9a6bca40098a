<?php

declare(strict_types=1);

namespace RapidReel\Captions\Style;

/** Caption styles that ship, named for what they do. */
enum Styles: string
{
    case Marked = 'marked';
    case Low = 'low';
    case Even = 'even';
    case OneWord = 'one-word';
    case Plate = 'plate';
    case SpokenPlate = 'spoken-plate';
    case Growing = 'growing';
    case Typed = 'typed';
    case Popping = 'popping';
    case Dropping = 'dropping';
    case Rising = 'rising';
    case Glowing = 'glowing';
    case Story = 'story';
    case Paper = 'paper';
    case ByHand = 'by-hand';

    public function label(): string
    {
        return match ($this) {
            self::Marked => 'marked, below the middle',
            self::Low => 'marked, lower third',
            self::Even => 'plain, below the middle',
            self::OneWord => 'one word at a time, large',
            self::Plate => 'dark plate behind the words',
            self::SpokenPlate => 'plate behind the spoken word',
            self::Growing => 'line grows with the voice',
            self::Typed => 'typed letter by letter',
            self::Popping => 'each caption pops in',
            self::Dropping => 'drops in and bounces',
            self::Rising => 'slides up, quiet',
            self::Glowing => 'glows in the dark',
            self::Story => 'bookish, two lines',
            self::Paper => 'ink on a light plate',
            self::ByHand => 'written by hand',
        };
    }

    public function style(): CaptionStyle
    {
        return match ($this) {
            self::Marked => new CaptionStyle,
            self::Low => CaptionStyle::of(size: 76, height: 70),
            self::Even => CaptionStyle::of(spokenColour: 'FFFFFF'),
            self::OneWord => CaptionStyle::of(
                face: 'condensed', size: 132, outline: 10, shadow: 7, spokenColour: 'FFFFFF', appear: 'single',
                height: 58, words: 4, letters: 26, emphasis: 'both', accent: 'FFC247',
            ),
            self::Plate => CaptionStyle::of(
                face: 'plain', size: 54, case: 'written', lines: 2, outline: 0, shadow: 0, plate: 'words',
                plateOpacity: 85, height: 68, words: 6, letters: 34, spokenColour: 'FFD98A', hold: 500,
            ),
            self::SpokenPlate => CaptionStyle::of(
                face: 'narrow', size: 82, outline: 7, shadow: 0, plate: 'spoken', plateColour: 'B3341F',
                plateOpacity: 100, plateRoom: 14, plateRound: 12, spokenColour: 'FFFFFF', lines: 2, words: 4,
                letters: 24,
            ),
            self::Growing => CaptionStyle::of(
                face: 'narrow', size: 84, outline: 8, shadow: 4, spokenColour: 'FFFFFF', appear: 'growing', lines: 2,
                words: 5, letters: 28, emphasis: 'rarest', accent: 'FFC247',
            ),
            self::Typed => CaptionStyle::of(
                face: 'mono', size: 50, case: 'written', outline: 6, shadow: 3, spokenColour: 'FFFFFF',
                appear: 'typed', lines: 2, words: 6, letters: 32, height: 66, letterSpace: 0,
            ),
            self::Popping => CaptionStyle::of(
                face: 'round', size: 80, case: 'written', outline: 10, outlineColour: '2B1440', shadow: 0,
                spokenColour: 'FFE066', spokenScale: 112, appear: 'pop', appearMs: 200, lines: 2, emoji: 'on',
            ),
            self::Dropping => CaptionStyle::of(
                face: 'wide', size: 60, outline: 8, shadow: 6, spokenColour: '8FE3FF', appear: 'bounce',
                appearMs: 360, lines: 2, words: 3, letters: 20, height: 56,
            ),
            self::Rising => CaptionStyle::of(
                face: 'humanist', size: 58, case: 'written', outline: 5, shadow: 3, spokenColour: 'FFFFFF',
                appear: 'slide', appearMs: 240, lines: 2, words: 6, letters: 34, height: 68, hold: 500,
            ),
            self::Glowing => CaptionStyle::of(
                face: 'soft', size: 74, outline: 3, outlineColour: '3A1D00', shadow: 0, glow: 22, glowColour: 'FF8A1F',
                fill: 'FFF4E0', spokenColour: 'FFD27A', lines: 2, words: 3, letters: 20,
            ),
            self::Story => CaptionStyle::of(
                face: 'bookish', size: 60, case: 'written', outline: 6, shadow: 3, spokenColour: 'FFE9B8', lines: 2,
                words: 7, letters: 38, height: 68, hold: 600, emphasis: 'names', accent: 'FFC98A',
            ),
            self::Paper => CaptionStyle::of(
                face: 'slab', size: 54, case: 'written', fill: '1E1A15', outline: 0, shadow: 0, plate: 'words',
                plateColour: 'F7F0E1', plateOpacity: 100, plateRound: 4, spokenColour: '9C2A12', lines: 2, words: 5,
                letters: 30, height: 68, accent: '1F5A4A',
            ),
            self::ByHand => CaptionStyle::of(
                face: 'handwritten', size: 72, case: 'written', outline: 7, shadow: 3, spokenColour: 'FFD98A',
                appear: 'growing', lines: 2, words: 5, letters: 28, height: 64,
            ),
        };
    }
}
