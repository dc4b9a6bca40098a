<?php

declare(strict_types=1);

namespace RapidReel\Text\Hook;

use RapidReel\Base\Language\LanguagePacks;
use RapidReel\Base\Language\Pack\LanguagePack;

/** Greetings and announcements that use up the seconds a hook has (common practice, no published source). */
final class Filler
{
    /**
     * The greeting or announcement a text begins with; empty where it comes to the point at once.
     *
     * @param  string  $channel  the channel's name; said first, it is one too
     */
    public static function before(string $text, string $channel = ''): string
    {
        // Of all languages: which one a text has is not always known, and a greeting is one in each.
        $openings = array_merge(
            ...array_map(static fn (LanguagePack $pack): array => $pack->words->openings, LanguagePacks::all()),
        );
        if (trim($channel) !== '') {
            $openings[] =
                '(?:you(?:\'|’)?re (?:watching|listening to) |this is |from )?(?:the )?'.
                preg_quote(trim($channel), '/').
                '(?:\'s|’s)?(?: here| presents)?(?!\p{L})';
        }
        $filler = '';
        $rest = $text;
        // One greeting may follow another.
        while (
            $rest !== '' &&
            preg_match(
                '/^\s*(?:'.implode('|', $openings).')(?![\p{L}\p{N}])\s*[,.!?:;—–-]*\s*/iu',
                $rest,
                $match,
            ) === 1 &&
            $match[0] !== ''
        ) {
            $filler .= $match[0];
            $rest = substr($rest, strlen($match[0]));
        }

        return trim($filler);
    }

    /** What is left of a hook without it, beginning with a capital; empty where nothing is. */
    public static function off(string $text, string $channel = ''): string
    {
        $rest = trim(substr(ltrim($text), strlen(self::before($text, $channel))));
        $rest = (string) preg_replace('/^(?:that|how|about|to|and|so|,|\s)+\s+(?=\S)/iu', '', $rest);

        return preg_match('/\p{L}/u', $rest) === 1 ? mb_strtoupper(mb_substr($rest, 0, 1)).mb_substr($rest, 1) : '';
    }
}
