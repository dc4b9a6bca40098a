<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

/** What a column of a table of results may hold. */
enum ResultsField: string
{
    case Id = 'id';
    case Address = 'address';
    case Title = 'title';
    case Date = 'date';
    case Views = 'views';
    case Likes = 'likes';
    case Watched = 'watched';
    case WatchedHours = 'watched-hours';
    case Earnings = 'earnings';
    case Currency = 'currency';

    public function label(): string
    {
        return match ($this) {
            self::Id => 'Id of the short or the post',
            self::Address => 'Address of the post',
            self::Title => 'Title',
            self::Date => 'Day it was counted',
            self::Views => 'Views',
            self::Likes => 'Likes',
            self::Watched => 'Watch time (seconds, or 1:02:03)',
            self::WatchedHours => 'Watch time (hours)',
            self::Earnings => 'Earnings',
            self::Currency => 'Currency',
        };
    }

    /** What a heading most probably means; null where it says nothing of this. */
    public static function of(string $head): ?self
    {
        $plain = trim(mb_strtolower((string) preg_replace('/[\s_-]+/u', ' ', $head)));

        return match (true) {
            preg_match('/\b(views?|plays?|impressions viewed)\b/', $plain) === 1
                && ! str_contains($plain, 'watch') => self::Views,
            preg_match('/\blikes?\b/', $plain) === 1 => self::Likes,
            preg_match('/watch|viewed time/', $plain) === 1 => str_contains($plain, 'hour')
                ? self::WatchedHours
                : self::Watched,
            preg_match('/\b(earn\w*|revenue|income|paid)\b/', $plain) === 1 => self::Earnings,
            preg_match('/\bcurrency\b/', $plain) === 1 => self::Currency,
            preg_match('/\b(url|link|address)\b/', $plain) === 1 => self::Address,
            preg_match('/\b(date|day|as of|counted)\b/', $plain) === 1 => self::Date,
            preg_match('/\b(id|post|short id|video id)\b/', $plain) === 1 => self::Id,
            preg_match('/\b(title|name|video)\b/', $plain) === 1 => self::Title,
            default => null,
        };
    }
}
