<?php

declare(strict_types=1);

namespace RapidReel\Script\Cleanup;

/** Stage, camera, picture and music notes by their first words (common practice, no published source). */
final class Directions
{
    private const PICTURE = 'show|see|image|picture|photo|photograph|still|clip|footage|visuals?|b ?-?roll|insert'
        .'|close ?-?up(?: of| on)?|wide(?: shot)?(?: of)?|shot(?: of)?|camera|zoom(?:s|ing)?(?: in| out)?|pan(?:s'
        .'|ning)?|tilt|cut(?: to)?|aerial|drone|montage(?: of)?|on ?-?screen';

    private const STAGE = 'fade|transition|beat|pause|silence|text|caption|title|laugh\w*|sigh\w*|whisper\w*|softly'
        .'|quietly|loud\w*|dramatic\w*|slow\w*|fast\w*|calm\w*|excited\w*|serious\w*|smil\w*|nods?|looks?(?: to| at| '
        .'into)|breath\w*|emphasis|tone';

    private const MUSIC = 'music|song|sfx|fx|sounds?|sound effects?|theme|drum\w*|strings|piano|bell tolls|ambient'
        .'|ambience|audio';

    private const OPENING = '/^(?:show(?:ing)?|see|insert|cut to|image|picture|photo|photograph|still|clip|footage'
        .'|visuals?|b ?-?roll|camera|shot of|shot|on ?-?screen|montage of)\b(?:\s+of\b)?\s*[:,–—-]*\s*/iu';

    /** Whether what stands in round brackets is a note to the maker and not an aside to the viewer. */
    public static function isOne(string $note): bool
    {
        return preg_match('/^\s*(?:'.self::PICTURE.'|'.self::STAGE.'|'.self::MUSIC.')\b/iu', $note) === 1;
    }

    public static function isMusic(string $note): bool
    {
        return preg_match('/^\s*(?:'.self::MUSIC.')\b/iu', $note) === 1;
    }

    /** Whether a whole line is one ("Visual: the pier at dawn"). */
    public static function isLine(string $line): bool
    {
        return preg_match('/^(?:'.self::PICTURE.')\s*(?:\d{1,3})?\s*:\s*\S/iu', $line) === 1;
    }

    public static function isMusicLine(string $line): bool
    {
        return preg_match('/^(?:'.self::MUSIC.')\s*:\s*\S/iu', $line) === 1;
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
