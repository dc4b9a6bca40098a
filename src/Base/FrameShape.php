<?php

declare(strict_types=1);

namespace RapidReel\Base;

/**
 * The shape of a short's frame, width to height. Sizes are those that outlets of this kind ask for, safe areas what
 * they are said to draw over: common practice, no published source.
 */
enum FrameShape: string
{
    case Upright = '9:16';
    case Portrait = '4:5';
    case Square = '1:1';
    case Wide = '16:9';

    public function label(): string
    {
        return match ($this) {
            self::Upright => 'upright, 9:16',
            self::Portrait => 'portrait, 4:5',
            self::Square => 'square, 1:1',
            self::Wide => 'wide, 16:9',
        };
    }

    /** Pixels of the frame, and the unit in which captions are set */
    public function width(): int
    {
        return $this === self::Wide ? 1920 : 1080;
    }

    /** Pixels of the frame, and the unit in which captions are set */
    public function height(): int
    {
        return match ($this) {
            self::Upright => 1920,
            self::Portrait => 1350,
            self::Square, self::Wide => 1080,
        };
    }

    /** Width / height */
    public function aspect(): float
    {
        return $this->width() / $this->height();
    }

    public function safeArea(): SafeArea
    {
        return match ($this) {
            self::Upright => new SafeArea(top: 0.12, right: 0.12, bottom: 0.22, left: 0.06),
            self::Portrait, self::Square => new SafeArea(top: 0.08, right: 0.06, bottom: 0.1, left: 0.06),
            self::Wide => new SafeArea(top: 0.05, right: 0.05, bottom: 0.1, left: 0.05),
        };
    }

    /** The one that an operator means by its sides or its name; null where there is none. */
    public static function named(string $written): ?self
    {
        $plain = (string) preg_replace('/\s+/u', '', mb_strtolower($written));
        $sides = str_replace(['x', '/', '×'], ':', $plain);

        return self::tryFrom($sides) ?? match ($plain) {
            'upright', 'vertical' => self::Upright,
            'portrait' => self::Portrait,
            'square' => self::Square,
            'wide', 'landscape' => self::Wide,
            default => null,
        };
    }
}
