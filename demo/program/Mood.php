<?php

declare(strict_types=1);

namespace RapidReel\Demo;

/** The light that a picture stands in: one palette for the whole channel, seen at different hours. */
enum Mood
{
    case Night;
    case Dusk;
    case Dawn;
    case Storm;
    case Fog;
    case Day;

    public const INK = '#0f1f2a';

    public const PAPER = '#f4e8cf';

    public const LAMP = '#f7b44a';

    public const RUST = '#b3472d';

    public const BRASS = '#c9963f';

    public const SKIN = '#d9a679';

    /** @return list<string> sky from the top to the horizon */
    public function sky(): array
    {
        return match ($this) {
            self::Night => ['#0b1722', '#16303f', '#2c5560'],
            self::Dusk => ['#22384b', '#a85b45', '#f0b66f'],
            self::Dawn => ['#39606f', '#d99a77', '#f9e3b8'],
            self::Storm => ['#172126', '#33464b', '#6f8480'],
            self::Fog => ['#70898b', '#aebdb4', '#e6dfca'],
            self::Day => ['#3b7a8b', '#8fbdb6', '#f0e4c4'],
        };
    }

    /** @return list<string> land and sea from far to near */
    public function depths(): array
    {
        return match ($this) {
            self::Night => ['#2a5059', '#1f414c', '#17333f', '#112731', '#0b1b24'],
            self::Dusk => ['#8c5a52', '#5d4a52', '#3c3f4c', '#263240', '#172431'],
            self::Dawn => ['#a98d80', '#74807f', '#4d6a70', '#35545d', '#213c47'],
            self::Storm => ['#55696a', '#40565a', '#2f4449', '#213338', '#142327'],
            self::Fog => ['#b4c0b6', '#93a6a2', '#748c8c', '#577174', '#3d565c'],
            self::Day => ['#7fb0ab', '#589197', '#3b747f', '#295a67', '#1b434f'],
        };
    }

    /** @return string what catches the light on an edge */
    public function rim(): string
    {
        return match ($this) {
            self::Night => '#5d8b8c',
            self::Dusk => '#f6c88a',
            self::Dawn => '#fdeac6',
            self::Storm => '#9fb1ab',
            self::Fog => '#f2eddd',
            self::Day => '#f7efd6',
        };
    }
}
