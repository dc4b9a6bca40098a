<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

/** What is done to mend a finding. */
enum MendDeed: string
{
    /** A setting of the short, the scene or the shot */
    case Set = 'set';
    /** So many percent of the tempo that the scene has */
    case Tempo = 'tempo';
    case Tighten = 'tighten';
    case Stretch = 'stretch';
    /** The words before the hook are left out. */
    case Begin = 'begin';
    /** The style of faint captions, or the pictures behind them */
    case Contrast = 'contrast';
    /** A card is moved into the safe area. */
    case Card = 'card';
    /** Another picture is shown, one that is not in the short yet. */
    case Picture = 'picture';
    case Title = 'title';
    case Tags = 'tags';

    /** Those that change words or settings first; what counts on them comes after. */
    public function turn(): int
    {
        return match ($this) {
            self::Begin => 0,
            self::Title, self::Tags, self::Picture, self::Card => 1,
            self::Contrast, self::Set, self::Tempo => 2,
            self::Tighten, self::Stretch => 3,
        };
    }
}
