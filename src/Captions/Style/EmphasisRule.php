<?php

declare(strict_types=1);

namespace RapidReel\Captions\Style;

/** Which words of a caption are made to stand out, unless an operator chose others. */
enum EmphasisRule: string
{
    case None = 'none';
    case Numbers = 'numbers';
    case Names = 'names';
    case Rarest = 'rarest';
    case NumbersAndNames = 'both';

    public function label(): string
    {
        return match ($this) {
            self::None => 'those chosen by hand',
            self::Numbers => 'numbers',
            self::Names => 'names',
            self::Rarest => 'the rarest word of each',
            self::NumbersAndNames => 'numbers and names',
        };
    }
}
