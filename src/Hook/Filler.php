<?php

declare(strict_types=1);

namespace RapidReel\Hook;

/** Greetings and announcements that use up the seconds a hook has (common practice, no published source). */
final class Filler
{
    private const OPENINGS = [
        '(?:hey|hi|hello|howdy|greetings|what(?:\'|’)?s up|yo|good (?:morning|evening|afternoon))(?:,? (?:there|guys|everyone|everybody|friends|folks|all|you guys|team|people|viewers))*(?:,? (?:and )?welcome(?: back)?(?: to [^,.!?:—–]{2,50})?)?',
        '(?:and )?welcome(?: back)?(?:,? (?:guys|everyone|everybody|friends|folks))?(?: to [^,.!?:—–]{2,50}|(?=\s*[,.!?:—–]|$))',
        '(?:so |okay |ok |alright |all right |now )*(?:in (?:this|today\'?s|today’s) (?:video|short|clip|episode|one)(?:,? (?:we(?:\'|’)?re|we are|i(?:\'|’)?m|i am|we(?:\'|’)?ll|we will|i(?:\'|’)?ll|i will|we|i)(?: going to| gonna)? (?:be )?(?:talk(?:ing)? about|look(?:ing)? at|show(?:ing)?(?: you)?|tell(?:ing)?(?: you)?(?: about)?|learn(?:ing)?(?: about)?|discuss(?:ing)?|explain(?:ing)?|cover(?:ing)?|explor(?:e|ing)|see(?:ing)?))?|today(?:,? (?:we(?:\'|’)?re|we are|i(?:\'|’)?m|i am|we(?:\'|’)?ll|we will|i(?:\'|’)?ll|i will|we|i)(?: going to| gonna)? (?:be )?(?:talk(?:ing)? about|look(?:ing)? at|show(?:ing)?(?: you)?|tell(?:ing)?(?: you)?(?: about)?|learn(?:ing)?(?: about)?|discuss(?:ing)?|explain(?:ing)?|cover(?:ing)?|explor(?:e|ing)|see(?:ing)?)))',
        '(?:let(?:\'|’)?s (?:get (?:started|into it|right into it)|dive (?:right )?in|begin|jump (?:right )?in))',
        '(?:my name is|i(?:\'|’)?m|this is) \p{Lu}[\p{L} .\'’-]{1,40}?(?:,? (?:and|from|here)\b[^,.!?]{0,40})?(?=[,.!?]|$)',
        '(?:before we (?:start|begin|get (?:started|into (?:it|this))),? [^.!?]{0,80}|don(?:\'|’)?t forget to (?:like|subscribe|follow)[^.!?]{0,60}|(?:please )?(?:like|subscribe)(?: and (?:like|subscribe|follow))?[^.!?]{0,40})',
    ];

    /**
     * The greeting or announcement a text begins with; empty where it comes to the point at once.
     *
     * @param  string  $channel  the channel's name; said first, it is one too
     */
    public static function before(string $text, string $channel = ''): string
    {
        $openings = self::OPENINGS;
        if (trim($channel) !== '') {
            $openings[] = '(?:you(?:\'|’)?re (?:watching|listening to) |this is |from )?(?:the )?'.preg_quote(trim($channel), '/').'(?:\'s|’s)?(?: here| presents)?(?!\p{L})';
        }
        $filler = '';
        $rest = $text;
        // One greeting may follow another.
        while ($rest !== '' && preg_match('/^\s*(?:'.implode('|', $openings).')(?![\p{L}\p{N}])\s*[,.!?:;—–-]*\s*/iu', $rest, $match) === 1 && $match[0] !== '') {
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
