<?php

declare(strict_types=1);

namespace RapidReel\Language;

use RapidReel\Script\SentenceSplitter;

/** How easily a text is read: Flesch's reading ease (R. Flesch, "A new readability yardstick", 1948). English only. */
final readonly class Readability
{
    /** A sentence of more words loses listeners (common practice, no published source). */
    public const LONG_SENTENCE = 22;

    /**
     * @param  list<string>  $longSentences
     */
    private function __construct(
        public int $sentences,
        public int $words,
        public int $syllables,
        public array $longSentences,
    ) {
    }

    public static function of(string $text, SentenceSplitter $splitter = new SentenceSplitter): self
    {
        return self::ofSentences($splitter->split($text));
    }

    /** @param  list<string>  $sentences */
    public static function ofSentences(array $sentences): self
    {
        $counts = array_map(self::words(...), $sentences);

        return new self(
            count($sentences),
            array_sum($counts),
            array_sum(array_map(Syllables::inText(...), $sentences)),
            array_values(array_filter($sentences, static fn (string $sentence): bool => self::words($sentence) > self::LONG_SENTENCE)),
        );
    }

    /** @return float|null about 0 (hard) to 100 (easy), and beyond either; null for no words */
    public function ease(): ?float
    {
        return $this->words === 0 || $this->sentences === 0
            ? null
            : 206.835 - 1.015 * $this->words / $this->sentences - 84.6 * $this->syllables / $this->words;
    }

    /** The ease in words, by the bands of Flesch's table. */
    public function says(): string
    {
        $ease = $this->ease();

        return match (true) {
            $ease === null => 'nothing to read',
            $ease >= 90 => 'very easy',
            $ease >= 80 => 'easy',
            $ease >= 70 => 'fairly easy',
            $ease >= 60 => 'plain',
            $ease >= 50 => 'fairly hard',
            $ease >= 30 => 'hard',
            default => 'very hard',
        };
    }

    private static function words(string $sentence): int
    {
        return (int) preg_match_all(Syllables::WORD, $sentence);
    }
}
