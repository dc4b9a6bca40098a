<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

/**
 * Who speaks, by the names before a colon: one in capitals, one that is there twice or more, or any where two or more
 * take turns. What names a kind of statement is no speaker.
 */
final readonly class Speakers
{
    private const WORD = "(?:\\p{Lu}[\\p{L}\\p{M}'’.-]*|\\p{Arabic}{2,12})";

    private const NAME = self::WORD.'(?: (?:'.self::WORD.'|\p{Ll}{2,12})){0,2}(?: (?:\d{1,2}|[A-Z]))?';

    /** @param  array<string, true>  $names */
    private function __construct(private array $names, private Labels $labels)
    {
    }

    /** @param  list<string>  $lines */
    public static function among(array $lines, Labels $labels, Timings $timings): self
    {
        $turns = [];
        foreach ($lines as $line) {
            // A name in capitals may have a full stop for its colon, one in bold a dash.
            $line = (string) preg_replace('/^\s*(\p{Lu}{2}[\p{Lu} ]{0,20})\.\s(?=\S)/u', '$1: ', $line);
            $line = (string) preg_replace('/^\s*\*\*('.self::NAME.')\*\*\s*[–—-]\s/u', '$1: ', $line);
            $bare = Marks::bare($line);
            $bare = substr($bare, strlen($timings->lead($bare)));
            if (preg_match('/^('.self::NAME.')(?:\s*\([^)]*\))?\s*[:：](?:\s|$)/u', $bare, $found) === 1 &&
                ! $labels->isStatement($found[1])) {
                $turns[] = $found[1];
            }
        }
        $names = array_keys(array_filter(array_count_values($turns), static fn (int $times): bool => $times >= 2));
        if ($names !== [] && count($turns) >= 3) {
            // Somebody with one line among others' who have several.
            $names = $turns;
        }

        return new self(array_fill_keys(array_map(strval(...), $names), true), $labels);
    }

    /** The speaker that a text begins with, up to the words; empty where it begins with none. */
    public function lead(string $text): string
    {
        $mark = Marks::EMPHASIS;
        $aside = '(?:\s*(?:\([^)]*\)|\[[^\]]*\]))?';
        $pattern = "/^{$mark}\\[?{$mark}(".self::NAME."){$mark}{$aside}{$mark}\\]?{$mark}\\s*[:：]{$mark}(?:\\s+|$)/u";
        $dashed = '/^\*\*('.self::NAME.')\*\*\s*[–—-]\s+/u';
        if (preg_match('/^(\p{Lu}{2}[\p{Lu} ]{0,20})\.\s+/u', $text, $found) === 1 && isset($this->names[$found[1]])) {
            return $found[0];
        }
        if (preg_match($pattern, $text, $found) !== 1 && preg_match($dashed, $text, $found) !== 1) {
            // A mark of two letters may be closed up.
            return preg_match("/^{$mark}(?:[QA]|V\\.?O\\.?){$mark}\\s*[:.]{$mark}\\s+/u", $text, $found) === 1 &&
                isset($this->names[rtrim($found[0], ':. *_')]) ? $found[0] : '';
        }
        $isShouted = mb_strlen($found[1]) >= 2 && preg_match('/\p{Ll}|\p{Arabic}/u', $found[1]) !== 1;

        return isset($this->names[$found[1]]) || ($isShouted && ! $this->labels->isStatement($found[1]))
            ? $found[0]
            : '';
    }
}
