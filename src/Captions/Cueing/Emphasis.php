<?php

declare(strict_types=1);

namespace RapidReel\Captions\Cueing;

use RapidReel\Captions\Style\EmphasisRule;
use RapidReel\Captions\Typesetting\BreakCosts;
use RapidReel\Captions\Typesetting\Joints;

/** Which words of a caption stand out by rule: numbers, names, or the one that is least often said. */
final readonly class Emphasis
{
    /** @param  array<string, int>  $counts  how often the short says each word */
    private function __construct(
        private Joints $joints,
        private string $language,
        private array $counts,
    ) {
    }

    /** @param  list<string>  $all  every word of the short */
    public static function of(array $all, string $language): self
    {
        return new self(Joints::of($language), $language, array_count_values(array_map(Joints::bare(...), $all)));
    }

    /**
     * @param  list<string>  $words  of one caption
     * @param  bool  $isFirst  whether a sentence begins with it
     * @return list<bool>
     */
    public function standing(array $words, bool $isFirst, EmphasisRule $rule): array
    {
        $rarest = $rule === EmphasisRule::Rarest ? $this->rarest($words) : null;
        $standing = [];
        foreach ($words as $i => $word) {
            $begins = $i === 0 ? $isFirst : BreakCosts::endsSentence($words[$i - 1]);
            $standing[] = match ($rule) {
                EmphasisRule::None => false,
                EmphasisRule::Numbers => self::isNumber($word),
                EmphasisRule::Names => $this->isName($word, $begins),
                EmphasisRule::NumbersAndNames => self::isNumber($word) || $this->isName($word, $begins),
                EmphasisRule::Rarest => $i === $rarest,
            };
        }

        return $standing;
    }

    private static function isNumber(string $word): bool
    {
        return preg_match('/\p{Nd}/u', $word) === 1;
    }

    /** A capital where no sentence asks for one. In German every noun has one, so there it takes two. */
    private function isName(string $word, bool $begins): bool
    {
        $bare = Joints::bare($word);
        if (str_starts_with($this->language, 'de') || isset($this->joints->small[$bare])) {
            return preg_match('/^[^\p{L}]*\p{Lu}{2}/u', $word) === 1 && mb_strlen($bare) > 1;
        }

        return ! $begins && preg_match('/^[^\p{L}]*\p{Lu}/u', $word) === 1 && $bare !== 'i';
    }

    /**
     * Longer words are rarer (G. K. Zipf, "The Psycho-Biology of Language", 1935), and so are those that the short says
     * once.
     *
     * @param  list<string>  $words
     */
    private function rarest(array $words): ?int
    {
        $best = null;
        $most = 3.0;
        foreach ($words as $i => $word) {
            $bare = Joints::bare($word);
            if (isset($this->joints->small[$bare])) {
                continue;
            }
            $rare = mb_strlen($bare) / max(1, $this->counts[$bare] ?? 1) + (self::isNumber($word) ? 2 : 0);
            if ($rare > $most) {
                [$most, $best] = [$rare, $i];
            }
        }

        return $best;
    }
}
