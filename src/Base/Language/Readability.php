<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

use RapidReel\Base\Language\Pack\EaseFormula;

/** How easily a text is read, by the published measure of its language where there is one. */
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
        private int $letters,
        private ?EaseFormula $formula,
    ) {
    }

    /** @param  string  $language  as a BCP 47 tag */
    public static function of(
        string $text,
        string $language = 'en',
        SentenceSplitter $splitter = new SentenceSplitter(),
    ): self {
        return self::ofSentences($splitter->split($text), $language);
    }

    /** @param  list<string>  $sentences */
    public static function ofSentences(array $sentences, string $language = 'en'): self
    {
        $syllables = static fn (string $sentence): int => Syllables::inText($sentence, $language);
        $letters = static fn (string $sentence): int => (int) preg_match_all('/\p{L}/u', $sentence);
        $isLong = static fn (string $sentence): bool => self::words($sentence) > self::LONG_SENTENCE;

        return new self(
            count($sentences),
            array_sum(array_map(self::words(...), $sentences)),
            array_sum(array_map($syllables, $sentences)),
            array_values(array_filter($sentences, $isLong)),
            array_sum(array_map($letters, $sentences)),
            LanguagePacks::of($language)->syllables->ease,
        );
    }

    /** Name of the measure; empty where the language has none. */
    public function formula(): string
    {
        return $this->formula->value ?? '';
    }

    /** @return float|null about 0 (hard) to 100 (easy), and beyond either; null for no words, or without a measure */
    public function ease(): ?float
    {
        return $this->words === 0 || $this->sentences === 0
            ? null
            : $this->formula?->ease($this->words, $this->sentences, $this->syllables, $this->letters);
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
