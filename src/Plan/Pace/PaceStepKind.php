<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

/** What length can be found in, in the order in which it is spent. */
enum PaceStepKind: string
{
    case Pauses = 'pauses';
    case Gaps = 'gaps';
    case Tempo = 'tempo';
    case Sentences = 'sentences';
    case Tail = 'tail';

    public function label(): string
    {
        return match ($this) {
            self::Pauses => 'Pauses inside scenes',
            self::Gaps => 'Gaps between scenes',
            self::Tempo => 'Tempo of the speech',
            self::Sentences => 'Sentences left out',
            self::Tail => 'After the last word',
        };
    }
}
