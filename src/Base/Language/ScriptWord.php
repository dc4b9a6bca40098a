<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

/** A written word as the caption shows it, with where it stands in its scene's text (characters, not bytes). */
final readonly class ScriptWord
{
    private const NO_BREAK = "\u{A0}";

    private const OPENING = '/^[\p{Ps}\p{Pi}¿¡]+$/u';

    public function __construct(
        public string $text,
        public int $offset,
        public int $length,
    ) {
    }

    /**
     * The words of a text, parted by white space, and where a language writes none between them, where they end. A sign
     * alone (a dash, an ampersand apart) belongs to the word before it, or to the first; one that opens, as French
     * quotation marks do with a blank after them, to the word that comes.
     *
     * @return list<self>
     */
    public static function of(string $text): array
    {
        preg_match_all('/\S+/u', $text, $matches, PREG_OFFSET_CAPTURE);
        /** @var list<self> $words */
        $words = [];
        $pending = null;
        // Most texts have blanks between all words: that is looked at once, not for every word.
        $isUnspaced = UnspacedWords::areIn($text);
        foreach ($isUnspaced ? self::parted($matches[0]) : $matches[0] as [$piece, $byte]) {
            $offset = mb_strlen(substr($text, 0, $byte));
            $wordless = preg_match('/[\p{L}\p{N}]/u', $piece) !== 1;
            $isHeld = $words === [] || $pending !== null || preg_match(self::OPENING, $piece) === 1;
            if ($wordless && $isHeld) {
                $pending ??= $offset;

                continue;
            }
            if ($wordless) {
                $words[] = array_pop($words)->until($text, $offset + mb_strlen($piece));

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
        if ($pending !== null && $words !== []) {
            $words[] = array_pop($words)->until($text, mb_strlen(rtrim($text)));
        }

        return $words;
    }

    /** The same with what stands after it up to there. */
    private function until(string $text, int $end): self
    {
        $more = preg_replace('/\s+/u', ' ', mb_substr($text, $this->offset + $this->length, $end - $this->offset
            - $this->length));

        return new self($this->text.$more, $this->offset, $end - $this->offset);
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
