<?php

declare(strict_types=1);

namespace RapidReel\Captions\Style;

/** How the words of a caption come on screen. */
enum Appearance: string
{
    case Whole = 'whole';
    case Single = 'single';
    case Growing = 'growing';
    case Pop = 'pop';
    case Bounce = 'bounce';
    case Slide = 'slide';
    case Typed = 'typed';

    public function label(): string
    {
        return match ($this) {
            self::Whole => 'all at once',
            self::Single => 'one word at a time',
            self::Growing => 'word by word, the line grows',
            self::Pop => 'pops in',
            self::Bounce => 'drops in and bounces',
            self::Slide => 'slides up',
            self::Typed => 'typed, letter by letter',
        };
    }
}
