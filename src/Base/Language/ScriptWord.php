<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

/** A written word as the caption shows it, with where it stands in its scene's text (characters, not bytes). */
final readonly class ScriptWord
{
    private const NO_BREAK = "\u{A0}";

    public function __construct(
        public string $text,
        public int $offset,
        public int $length,
    ) {
    }

    /**
     * The words of a text, parted by white space, and where a language writes none between them, where they end. A sign
     * alone (a dash, an ampersand apart) belongs to the word before it, or to the first.
     *
     * @return list<self>
     */
    public static function of(string $text): array
    {
        preg_match_all('/\S+/u', $text, $matches, PREG_OFFSET_CAPTURE);
        $words = [];
        $pending = null;
        // Most texts have blanks between all words: that is looked at once, not for every word.
        $isUnspaced = UnspacedWords::areIn($text);
        foreach ($isUnspaced ? self::parted($matches[0]) : $matches[0] as [$piece, $byte]) {
            $offset = mb_strlen(substr($text, 0, $byte));
            $last = array_key_last($words);
            $wordless = preg_match('/[\p{L}\p{N}]/u', $piece) !== 1;
            if ($wordless && $last !== null) {
                $start = $words[$last]->offset;
                $words[$last] = new self($words[$last]->text.' '.$piece, $start, $offset + mb_strlen($piece) - $start);

                continue;
            }
            if ($wordless) {
                $pending ??= $offset;

                continue;
            }
            $start = $pending ?? $offset;
            $end = $offset + mb_strlen($piece);
            // Where a blank is a mark it is one of the word before it.
            $tells = $isUnspaced && UnspacedWords::tellsBlank($piece)
                && preg_match('/\G\s+\S/u', $text, $found, 0, $byte + strlen($piece)) === 1;
            $blank = $tells ? self::NO_BREAK : '';
            $words[] = new self(mb_substr($text, $start, $end - $start).$blank, $start, $end - $start);
            $pending = null;
        }

        return $words;
    }

    /**
     * @param  list<array{string, int}>  $pieces  with the bytes before each
     * @return list<array{string, int}>
     */
    private static function parted(array $pieces): array
    {
        $parted = [];
        foreach ($pieces as [$piece, $byte]) {
            foreach (UnspacedWords::parts($piece) as $part) {
                $parted[] = [$part, $byte];
                $byte += strlen($part);
            }
        }

        return $parted;
    }
}
