<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage;

/** Tags out of what a file says of itself: its keywords as they stand, of titles the words that tell something. */
final class FileWords
{
    /** Fields of containers and pictures, in small letters */
    private const KEYWORDS = ['keywords', 'keyword', 'subject', 'genre', 'xpkeywords', 'tags'];

    private const SENTENCES = [
        'title', 'comment', 'description', 'synopsis', 'imagedescription', 'xptitle', 'xpcomment', 'usercomment',
        'caption', 'headline',
    ];

    /** What programs and cameras write there by themselves. */
    private const BY_MACHINE = '/\b(?:digital camera|dsc|creator:|created (?:with|by|using)|encoded (?:with|by)'
        .'|lavf|lavc|software|version|copyright|https?:|www\.|handler|screenshot|untitled|default|jpeg|quality)/i';

    private const MOST = 20;

    private const EMPTY_WORDS = ' the and for with from into onto over under this that these those its his her their '
        .'our your was were are has had have been being but not you she they him them who what when where which while '
        .'then than there here very just all one two ';

    /**
     * @param  list<array{string, string}>  $said  name of the field and what it holds, as found
     * @return list<string> in small letters, each once
     */
    public static function tags(array $said): array
    {
        $tags = [];
        foreach ($said as [$field, $value]) {
            $field = strtolower($field);
            $plain = trim((string) preg_replace('/[\x00-\x1F\x7F]+/u', ' ', mb_scrub($value)));
            $isKeywords = in_array($field, self::KEYWORDS, true);
            if ($plain === '' || (! $isKeywords && ! in_array($field, self::SENTENCES, true))) {
                continue;
            }
            $parts = $isKeywords ? (array) preg_split('/[,;|]+/u', $plain) : self::words($plain);
            foreach ($parts as $part) {
                $tag = mb_strtolower(trim((string) $part));
                if (preg_match('/\p{L}{2}/u', $tag) === 1 && mb_strlen($tag) <= 60) {
                    $tags[$tag] = $tag;
                }
            }
        }

        return array_slice(array_values($tags), 0, self::MOST);
    }

    /** @return list<string> */
    private static function words(string $sentence): array
    {
        if (preg_match(self::BY_MACHINE, $sentence) === 1) {
            return [];
        }
        preg_match_all('/\p{L}[\p{L}\'’-]+/u', $sentence, $found);

        return array_values(array_filter(
            $found[0],
            static fn (string $word): bool => mb_strlen($word) > 2 &&
                ! str_contains(self::EMPTY_WORDS, ' '.mb_strtolower($word).' '),
        ));
    }
}
