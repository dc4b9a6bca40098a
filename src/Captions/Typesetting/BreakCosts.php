<?php

declare(strict_types=1);

namespace RapidReel\Captions\Typesetting;

/**
 * What it costs to break between two words, as published preferences for subtitles rank the places: best where there is
 * punctuation, then before a conjunction, then before a preposition; never between an article and its noun, within a
 * name, or between a number and what it counts (F. Karamitroglou, "A Proposed Set of Subtitling Standards in Europe",
 * Translation Journal 2 (2), 1998, "Segmentation at the highest nodes"). The order is his, the numbers are ours.
 */
final readonly class BreakCosts
{
    private const SENTENCE = '/[.?!…؟。！？]["”’»)\]]*$/u';

    private const PHRASE = '/[,;:—–،、，；：]["”’»)\]]*$/u';

    private const NUMBER = '/^[^\p{L}]*\p{Nd}[\p{Nd}.,:\/%]*[^\p{L}]*$/u';

    public function __construct(
        private Joints $joints,
        private bool $seeksJoints = true,
    ) {
    }

    /**
     * @param  list<string>  $words
     * @return list<float> after each word
     */
    public function after(array $words): array
    {
        $costs = [];
        foreach ($words as $i => $word) {
            $next = $words[$i + 1] ?? null;
            $costs[] = $next === null ? 0.0 : $this->between($words, $i, $word, $next);
        }

        return $costs;
    }

    public static function endsSentence(string $word): bool
    {
        return preg_match(self::SENTENCE, $word) === 1;
    }

    public static function endsPhrase(string $word): bool
    {
        return preg_match(self::PHRASE, $word) === 1;
    }

    /** @param  list<string>  $words */
    private function between(array $words, int $i, string $word, string $next): float
    {
        if (self::endsSentence($word)) {
            return 0.0;
        }
        if (self::endsPhrase($word)) {
            return 0.5;
        }
        $one = Joints::bare($word);
        $other = Joints::bare($next);
        $cost = 4.0;
        if ($this->seeksJoints && isset($this->joints->joining[$other])) {
            $cost = 1.5;
        } elseif ($this->seeksJoints && isset($this->joints->leading[$other])) {
            $cost = 2.5;
        }
        $isJoint = isset($this->joints->joining[$other]) || isset($this->joints->leading[$other]);
        // Before a joining word, "her" or "that" is no article.
        if ((isset($this->joints->bound[$one]) && ! $isJoint) || isset($this->joints->leading[$one])
            || isset($this->joints->joining[$one])) {
            $cost += 7.0;
        }
        if ($this->isInName($words, $i, $word, $next) || preg_match(self::NUMBER, $word) === 1) {
            $cost += 6.0;
        } elseif (preg_match(self::NUMBER, $next) === 1 && ! isset($this->joints->leading[$other])) {
            // “Pier 7”, “chapter 12”: as often one thing as not.
            $cost += preg_match('/^\p{Lu}/u', $word) === 1 ? 4.0 : 0.0;
        }

        return $cost;
    }

    /**
     * Two words with capitals that no sentence asks for are one name, also with a small word between them.
     *
     * @param  list<string>  $words
     */
    private function isInName(array $words, int $i, string $word, string $next): bool
    {
        $isNamed = static fn (string $one): bool => preg_match('/^[^\p{L}\p{N}]*\p{Lu}/u', $one) === 1;
        $isFirst = self::endsSentence($words[$i - 1] ?? '.');
        if ($isNamed($next)) {
            return ($isNamed($word) && (! $isFirst || ! isset($this->joints->small[Joints::bare($word)])))
                || ($i > 0 && in_array(Joints::bare($word), ['of', 'de', 'del', 'von', 'van', 'da', 'di', 'du'], true)
                    && $isNamed($words[$i - 1]));
        }

        return false;
    }
}
