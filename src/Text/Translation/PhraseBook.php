<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

use RapidReel\Base\PlainText;

/**
 * Whole sentences and single words of a language, by what they are in English: a stand-in for somebody who knows both.
 * It says which words it did not know, and leaves them as they are.
 */
final readonly class PhraseBook
{
    /** Words of the longest phrase that is looked for inside a sentence. */
    private const LONGEST = 4;

    /** Marks that are written otherwise. */
    private const MARKS = ['ar' => ['?' => '؟', ',' => '،', ';' => '؛']];

    /**
     * @param  array<string, string>  $sentences  by their plain form
     * @param  array<string, string>  $words  single ones and phrases, in small letters
     */
    private function __construct(
        private string $language,
        private array $sentences,
        private array $words,
    ) {
    }

    /** @param  string  $written  a sentence and below it “= ” and what it is; a word and what it is in one line */
    public static function of(string $language, string $written): self
    {
        $sentences = $words = [];
        $before = '';
        foreach (preg_split('/\R/u', $written) ?: [] as $line) {
            if (str_starts_with($line, '= ')) {
                $sentences[self::plain($before)] = substr($line, 2);
            } elseif (preg_match('/^(\S.*?) = (.+)$/u', $line, $found) === 1) {
                $words[mb_strtolower($found[1])] = $found[2];
            }
            $before = $line;
        }

        return new self($language, $sentences, $words);
    }

    /**
     * @return array{string, list<string>} the sentence, and the words of it that nobody knew
     */
    public function say(string $sentence, Glossary $glossary = new Glossary): array
    {
        $whole = $this->sentences[self::plain($sentence)] ?? null;
        if ($whole !== null) {
            return [$whole, []];
        }
        $parts = preg_split(
            '/([\p{L}\p{N}]+(?:[\'’\-][\p{L}\p{N}]+)*)/u', PlainText::line($sentence), -1, PREG_SPLIT_DELIM_CAPTURE,
        ) ?: [];
        $said = '';
        $unknown = [];
        // Every other is a word, what stands between them before it.
        for ($i = 0, $count = count($parts); $i < $count; $i++) {
            if ($i % 2 === 0) {
                $said .= strtr($parts[$i], self::MARKS[$this->language] ?? []);

                continue;
            }
            [$into, $length] = $this->longest($parts, $i, $glossary);
            if ($into === null && preg_match('/^\p{N}+$/u', $parts[$i]) !== 1) {
                $unknown[] = $parts[$i];
            }
            $said .= $into ?? $parts[$i];
            $i += 2 * ($length - 1);
        }

        return [self::begun($said, $sentence), $unknown];
    }

    /**
     * @param  array<int, string>  $parts
     * @return array{string|null, int} what it is, and of how many words
     */
    private function longest(array $parts, int $from, Glossary $glossary): array
    {
        for ($length = self::LONGEST; $length > 0; $length--) {
            if (isset($parts[$from + 2 * ($length - 1)])) {
                $phrase = implode('', array_slice($parts, $from, 2 * $length - 1));
                $into = $glossary->wanted($phrase) ?? $this->words[mb_strtolower($phrase)] ?? null;
                if ($into !== null) {
                    return [$into, $length];
                }
            }
        }

        return [null, 1];
    }

    /** A sentence begins as its source does. */
    private static function begun(string $said, string $source): string
    {
        return preg_match('/^\P{L}*\p{Lu}/u', $source) === 1
            ? (string) preg_replace_callback(
                '/^(\P{L}*)(\p{Ll})/u', static fn (array $found): string => $found[1].mb_strtoupper($found[2]), $said,
            ) : $said;
    }

    private static function plain(string $sentence): string
    {
        return PlainText::line((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($sentence)));
    }
}
