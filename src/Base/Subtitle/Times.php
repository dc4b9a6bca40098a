<?php

declare(strict_types=1);

namespace RapidReel\Base\Subtitle;

/** Times of SubRip and WebVTT files. */
final class Times
{
    /** A line that says from when to when, as a pattern without delimiters. */
    public const LINE = '\s*(?:(\d{1,4}):)?(\d{1,2}):(\d{1,2})[.,](\d{1,3})\s*-->\s*'
        .'(?:(\d{1,4}):)?(\d{1,2}):(\d{1,2})[.,](\d{1,3})';

    public static function ms(string $hours, string $minutes, string $seconds, string $fraction): int
    {
        return (((int) $hours * 60 + (int) $minutes) * 60 + (int) $seconds) * 1000 + (int) str_pad($fraction, 3, '0');
    }

    /** @param  string  $mark  between seconds and thousandths */
    public static function write(int $ms, string $mark): string
    {
        return sprintf(
            '%02d:%02d:%02d%s%03d',
            intdiv($ms, 3_600_000),
            intdiv($ms, 60_000) % 60,
            intdiv($ms, 1000) % 60,
            $mark,
            $ms % 1000,
        );
    }

    /** Line ends of all systems as line feeds, without a byte order mark. */
    public static function plain(string $text): string
    {
        return (string) preg_replace(['/^\x{FEFF}/u', '/\r\n?/'], ['', "\n"], $text);
    }
}
