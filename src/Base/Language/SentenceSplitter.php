<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

use IntlBreakIterator;
use RapidReel\Base\Language\Pack\LanguagePack;

/**
 * Splits a text into sentences with ICU's sentence boundaries (UAX #29, Unicode Text Segmentation), then joins what the
 * plain rules part wrongly: after abbreviations, initials and an ellipsis inside a sentence.
 */
final class SentenceSplitter
{
    /** @var array{abbreviation: string, may_end: string, ordinal: string}|null */
    private static ?array $patterns = null;

    public function __construct(private readonly string $locale = 'en')
    {
    }

    /**
     * @return list<string> sentences without surrounding white space, in order; nothing but white space is lost
     */
    public function split(string $text): array
    {
        $sentences = [];
        foreach ((array) preg_split('/\n\s*\n|\n/u', $text) as $paragraph) {
            $sentences = [...$sentences, ...$this->splitParagraph(trim((string) $paragraph))];
        }

        return $sentences;
    }

    /**
     * @return list<string>
     */
    private function splitParagraph(string $paragraph): array
    {
        if ($paragraph === '') {
            return [];
        }
        $iterator = IntlBreakIterator::createSentenceInstance($this->locale);
        if ($iterator === null || ! $iterator->setText($paragraph)) {
            return [$paragraph];
        }

        $sentences = [];
        $held = '';
        foreach ($this->parts($iterator) as $part) {
            $held .= $part;
            $rest = substr($paragraph, strlen(implode('', $sentences)) + strlen($held));
            if (! $this->goesOn(trim($held), ltrim($rest))) {
                $sentences[] = $held;
                $held = '';
            }
        }
        if ($held !== '') {
            $sentences[] = $held;
        }

        return array_values(
            array_filter(array_map(trim(...), $sentences), static fn (string $sentence): bool => $sentence !== ''),
        );
    }

    /**
     * ICU's parts, parted further after the ellipsis sign before a capital: UAX #29 does not count it among the marks
     * that end a sentence.
     *
     * @return list<string>
     */
    private function parts(IntlBreakIterator $iterator): array
    {
        $parts = [];
        foreach ($iterator->getPartsIterator() as $part) {
            $split = preg_split('/(?<=…\s|…[”"’\')]\s)(?=[“"‘\'(]?\p{Lu})/u', is_string($part) ? $part : '');
            $parts = [...$parts, ...($split === false ? [] : $split)];
        }

        return $parts;
    }

    private function goesOn(string $held, string $rest): bool
    {
        if ($rest === '') {
            return false;
        }
        if (preg_match('/[\p{L}\p{N}]/u', $held) !== 1) {
            return true;
        }
        $patterns = self::patterns();
        $lower = preg_match('/^[“"‘\'(]?[\p{Ll}\p{N}]/u', $rest) === 1;
        if (preg_match('/(?:…|\.\.\.)[”"’\']?$/u', $held) === 1) {
            return preg_match('/^[“"‘\'(]?\p{Ll}/u', $rest) === 1;
        }
        if (preg_match($patterns['may_end'], $held) === 1) {
            return $lower;
        }

        // A capital alone before a full stop is an initial, unless the word before it takes such a letter ("Plan B.").
        $initial =
            preg_match('/(?:^|[\s(.])(?!I\.)\p{Lu}\.$/u', $held) === 1 &&
            preg_match(
                '/\b(?:plan|type|group|class|vitamin|grade|version|point|exhibit|letter|was|is)\s\p{Lu}\.$/iu',
                $held,
            ) !== 1;

        return $initial
            || preg_match($patterns['abbreviation'], $held) === 1
            // "Am 3. Oktober": in some languages a number with a full stop is an ordinal.
            || preg_match($patterns['ordinal'], "$held\n$rest") === 1
            || (preg_match('/[!?][”"’\')]+$/u', $held) === 1 && preg_match('/^\p{Ll}/u', $rest) === 1);
    }

    /**
     * Of all languages together: what language a text has is not always known, and an abbreviation of one is hardly
     * ever the last word of a sentence in another.
     *
     * @return array{abbreviation: string, may_end: string, ordinal: string}
     */
    private static function patterns(): array
    {
        $all = static fn (string $field): string => implode('|', array_filter(array_map(
            static fn (LanguagePack $pack): string => match ($field) {
                'may_end' => $pack->ends->mayEnd,
                'months' => $pack->ends->months,
                default => $pack->ends->abbreviations,
            },
            LanguagePacks::all(),
        ), static fn (string $list): bool => $list !== ''));

        return self::$patterns ??= [
            'abbreviation' => '/(?:^|[\s(“"\'])(?:'.$all('abbreviations').')\.$/iu',
            // Joined only where the next word goes on in lower case or with a digit.
            'may_end' => '/(?:^|[\s(])(?:'.$all('may_end').')\.$/iu',
            'ordinal' => '/(?:^|\s)\d{1,2}\.\n(?:'.$all('months').')\b/iu',
        ];
    }
}
