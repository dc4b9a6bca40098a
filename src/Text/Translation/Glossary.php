<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

use RapidReel\Base\Refusal;

/** The words of a channel that translations are held to. */
final readonly class Glossary
{
    private const MOST_CHARACTERS = 80;

    /** @param  list<GlossaryTerm>  $terms */
    public function __construct(public array $terms = [])
    {
    }

    /**
     * A word a line: “Calder Ness” stays, “foghorn = Nebelhorn” becomes another.
     *
     * @throws Refusal that says which line is none
     */
    public static function of(string $written): self
    {
        $terms = [];
        foreach (preg_split('/\R/u', $written) ?: [] as $number => $line) {
            if (trim($line) === '') {
                continue;
            }
            $parts = array_map(trim(...), explode('=', $line));
            if (count($parts) > 2 || in_array('', $parts, true) || mb_strlen($line) > 2 * self::MOST_CHARACTERS) {
                throw new Refusal(sprintf(
                    'Line %d of the glossary is no word: “foghorn = Nebelhorn” for one that becomes another, “Calder '
                        .'Ness” for one that stays.', $number + 1,
                ));
            }
            $terms[] = new GlossaryTerm($parts[0], $parts[1] ?? null);
        }

        return new self($terms);
    }

    /**
     * Words that a sentence has and its translation lacks. Their endings may be others.
     *
     * @return list<GlossaryTerm>
     */
    public function departures(string $source, string $target): array
    {
        return array_values(array_filter($this->terms, static fn (GlossaryTerm $one): bool => self::has(
            $source, $one->term, '\b',
        ) && ! self::has($target, $one->wanted(), '')));
    }

    /** What a word is to become; null where nothing is said of it. */
    public function wanted(string $word): ?string
    {
        foreach ($this->terms as $term) {
            if (mb_strtolower($term->term) === mb_strtolower($word)) {
                return $term->wanted();
            }
        }

        return null;
    }

    private static function has(string $text, string $term, string $end): bool
    {
        // Languages without spaces have no boundaries to look for.
        $begin = preg_match('/^[\p{Latin}\p{Greek}\p{Cyrillic}\p{N}]/u', $term) === 1 ? '\b' : '';
        $end = preg_match('/[\p{Latin}\p{Greek}\p{Cyrillic}\p{N}]$/u', $term) === 1 ? $end : '';

        $ending = $end === '' ? '' : '(?:s|es|’s|\'s)?'.$end;

        return preg_match("/$begin".preg_quote($term, '/')."$ending/iu", $text) === 1;
    }
}
