<?php

declare(strict_types=1);

namespace RapidReel\Base\Subtitle;

/** A subtitle file of whichever format. */
final class Subtitles
{
    public static function isOne(string $text): bool
    {
        return WebVtt::isOne($text) || Ass::isOne($text)
            || preg_match('/^\s*\d+\s*\n'.Times::LINE.'/', Times::plain($text)) === 1;
    }

    /** @return list<TimedCue> none where it is no such file */
    public static function read(string $text): array
    {
        return match (true) {
            WebVtt::isOne($text) => WebVtt::read($text),
            Ass::isOne($text) => Ass::read($text),
            default => SubRip::read($text),
        };
    }
}
