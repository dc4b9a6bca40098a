<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

use RapidReel\Text\Rules\Lists\NoteWords;
use RapidReel\Text\Rules\Lists\WordList;
use RapidReel\Text\Rules\Lists\WordLists;

/** Stage, camera, picture and music notes by their words (common practice, no published source). */
final class Directions
{
    /** A note of more words is a sentence. */
    private const MOST_WORDS = 9;

    private const OPENING = '/^(?:show(?:ing)?|see|insert|cut to|image|picture|photo|photograph|still|clip|footage'
        .'|visuals?|b ?-?roll|camera|shot of|shot|on ?-?screen|montage of)\b(?:\s+of\b)?\s*[:,–—-]*\s*/iu';

    private const PICTURE = 'show|see|image|picture|photo|photograph|still|clip|footage|visuals?|b ?-?roll|insert'
        .'|close ?-?up(?: of| on)?|wide(?: shot)?(?: of)?|shot(?: of)?|camera|zoom(?:s|ing)?(?: in| out)?|pan(?:s'
        .'|ning)?|tilt|cut(?: to)?|aerial|drone|montage(?: of)?|on ?-?screen';

    private const SOUND = 'music|song|sfx|fx|sounds?|sound effects?|theme|drum\w*|strings|piano|bell tolls|ambient'
        .'|ambience|audio';

    /** Orders to the editor that need no bracket. */
    private const ORDER = '(?:(?:smash|match|jump|hard|quick) )?cuts?(?: back)? to\b[^.!?]{0,60}[:.]?|(?:slow )?fades?'
        .' (?:in|out|to|from|up)\b[^.!?,]{0,30}[:.]?|dissolves? to\b[^.!?]{0,40}[:.]?|end (?:of )?(?:scene|script'
        .'|video)\.?'
        .'|the end|beat\.?|schnitt (?:auf|zu)\b[^.!?]{0,40}[:.]?|(?:auf|ab|über)blende\b[^.!?]{0,30}[:.]?|fondu (?:au '
        .'noir|enchaîné|à)\b[^.!?]{0,30}[:.]?|corte a\b[^.!?]{0,40}[:.]?|fundido a\b[^.!?]{0,30}[:.]?|stacco su\b[^.!?]'
        .'{0,40}[:.]?|dissolvenza\b[^.!?]{0,30}[:.]?|corta para\b[^.!?]{0,40}[:.]?';

    /** Whether what stands in brackets begins like a note to the maker and not like an aside to the viewer. */
    public static function isOne(string $note, ?WordList $words = null): bool
    {
        $words ??= WordLists::all();

        $all = "{$words->notes->directions}|{$words->labels->pictures}|{$words->labels->sounds}";

        return preg_match("/^[\\s*_]*(?:{$all})(?!\\p{L})/iu", $note) === 1;
    }

    /** Whether it holds a word of one, is short, and says nothing: it has no finite verb. */
    public static function holds(string $note, WordList $words): bool
    {
        $any = "{$words->notes->directions}|{$words->labels->sounds}";

        return preg_match_all('/\S+/u', $note) <= self::MOST_WORDS
            && preg_match("/(?<!\\p{L})(?:{$any})(?!\\p{L})/iu", $note) === 1
            && self::saysNothing($note, $words->notes);
    }

    public static function saysNothing(string $note, NoteWords $words): bool
    {
        return preg_match("/(?<!\\p{L})(?:{$words->verbs})(?!\\p{L})/iu", $note) !== 1;
    }

    public static function isMusic(string $note, ?WordList $words = null): bool
    {
        $sounds = ($words ?? WordLists::all())->labels->sounds;

        return preg_match('/^[\s*_]*(?:'.self::SOUND."|{$sounds})(?!\\p{L})/iu", $note) === 1;
    }

    /** Whether a whole line orders something of the editor ("CUT TO:", "*Camera pans to the tower*"). */
    public static function isLine(string $line, WordList $words): bool
    {
        $bare = Marks::bare($line);
        $isSlanted = preg_match('/^(?:>\s*)?(?:\*(?!\*)[^*]+\*|_(?!_)[^_]+_)$/u', $line) === 1;

        return preg_match('/^(?:'.self::ORDER.')$/iu', $bare) === 1
            || ($isSlanted && ! Marks::ends($bare) && (self::isOne($bare, $words) || self::holds($bare, $words)))
            || ($isSlanted && self::isOne($bare, $words) && self::saysNothing($bare, $words->notes)
                && preg_match_all('/\S+/u', $bare) <= self::MOST_WORDS);
    }

    /**
     * Whether what follows the number of a shot says what is seen and not what is said ("Wide shot of the pier").
     */
    public static function isShown(string $text, WordList $words): bool
    {
        return ! Marks::ends($text) && self::isOne($text, $words) && self::saysNothing($text, $words->notes)
            && preg_match_all('/\S+/u', $text) <= 2 * self::MOST_WORDS;
    }

    /**
     * What a note wants shown, without its brackets and its "show"; null where it is about something else.
     */
    public static function picture(string $note): ?string
    {
        if (preg_match('/^!\[(?<alt>[^\]]*)\]\(/u', $note, $m) === 1) {
            return trim($m['alt']) === '' ? null : trim($m['alt']);
        }
        $bare = trim($note, " \t\n[](){}*_");
        if (
            preg_match('/^(?:'.self::PICTURE.')\b/iu', $bare) !== 1 ||
            preg_match('/^on ?-?screen text/iu', $bare) === 1
        ) {
            return null;
        }
        $shown = trim((string) preg_replace(self::OPENING, '', $bare), " \t.:;,");

        return preg_match('/\p{L}/u', $shown) === 1 ? $shown : null;
    }
}
