<?php

declare(strict_types=1);

namespace RapidReel\Making\Finished;

use RapidReel\Plan\Finding\FindingKind;

/** What can be wrong with a finished video. */
enum FileFault: string
{
    case Broken = 'broken';
    case NoPicture = 'no-picture';
    case NoSound = 'no-sound';
    case OtherSize = 'other-size';
    case OtherRate = 'other-rate';
    case OtherLength = 'other-length';
    case TooLong = 'too-long';
    case TooShort = 'too-short';
    case TooLarge = 'too-large';
    case BlackFirst = 'black-first';
    case Black = 'black';
    case Frozen = 'frozen';
    case Silent = 'silent';
    case Clipped = 'clipped';
    case OtherLoudness = 'other-loudness';
    case PeakHigh = 'peak-high';
    case NoCaption = 'no-caption';

    /** Whether the file is at fault, and not what is seen and heard in it. */
    public function isOfTheFile(): bool
    {
        return in_array($this, [
            self::Broken, self::NoPicture, self::OtherSize, self::OtherRate, self::OtherLength, self::TooLarge,
            self::NoCaption,
        ], true);
    }

    /** Whether a file that has it is not to leave; else somebody is to look. */
    public function stops(): bool
    {
        return ! in_array($this, [self::Black, self::Frozen, self::Silent, self::TooShort], true);
    }

    /** As what a channel sets whether it stops; null for what is not theirs to say. */
    public function kind(): ?FindingKind
    {
        return match ($this) {
            self::BlackFirst => FindingKind::BlackFirst,
            self::Black => FindingKind::Black,
            self::Frozen => FindingKind::Frozen,
            self::Silent => FindingKind::Silent,
            self::Clipped => FindingKind::Clipped,
            default => null,
        };
    }
}
