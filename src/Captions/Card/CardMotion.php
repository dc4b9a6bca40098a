<?php

declare(strict_types=1);

namespace RapidReel\Captions\Card;

/** How something laid over the picture comes in, and goes. */
enum CardMotion: string
{
    case Cut = 'cut';
    case Fade = 'fade';
    case Rise = 'rise';
    case Fall = 'fall';
    case FromLeft = 'left';
    case FromRight = 'right';
    case Grow = 'grow';

    /** It takes so long, in ms. */
    public const MS = 300;

    public function label(): string
    {
        return match ($this) {
            self::Cut => 'at once',
            self::Fade => 'fading',
            self::Rise => 'from below',
            self::Fall => 'from above',
            self::FromLeft => 'from the left',
            self::FromRight => 'from the right',
            self::Grow => 'growing',
        };
    }

    /** @return non-empty-array<string, string> labels by value */
    public static function labels(): array
    {
        $labels = [];
        foreach (self::cases() as $one) {
            $labels[$one->value] = $one->label();
        }

        return $labels;
    }
}
