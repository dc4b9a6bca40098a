<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

/**
 * Ranks the sentences of a text by how much they have in common with the others: TextRank (R. Mihalcea and P. Tarau,
 * "TextRank: Bringing Order into Texts", 2004), with the paper's similarity and damping.
 */
final class TextRank
{
    /** d of the paper */
    private const DAMPING = 0.85;

    /** The change of every score at which the paper stops. */
    private const THRESHOLD = 0.0001;

    private const MOST_ROUNDS = 100;

    /** Beyond this many the comparison of all with all takes too long; later sentences are compared with none. */
    private const MOST_SENTENCES = 600;

    /**
     * @param  list<string>  $sentences
     * @param  string  $language  as a BCP 47 tag
     * @return list<float> one score for each, 1 − d where a sentence has nothing in common with another
     */
    public static function scores(array $sentences, string $language = 'en'): array
    {
        $count = count($sentences);
        $terms = array_map(
            static fn (string $sentence): array => array_flip(Terms::of($sentence, $language)),
            $sentences,
        );
        $weights = self::weights(array_slice($terms, 0, self::MOST_SENTENCES));
        $sums = array_map(static fn (array $row): float => array_sum($row), $weights);
        $scores = array_fill(0, $count, 1.0);
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $largest = 0.0;
            $next = [];
            for ($i = 0; $i < $count; $i++) {
                $got = 0.0;
                foreach ($weights[$i] ?? [] as $j => $weight) {
                    $got += $weight / $sums[$j] * $scores[$j];
                }
                $next[] = 1 - self::DAMPING + self::DAMPING * $got;
                $largest = max($largest, abs(end($next) - $scores[$i]));
            }
            $scores = $next;
            if ($largest < self::THRESHOLD) {
                break;
            }
        }

        return $scores;
    }

    /**
     * Of two sentences with terms a and b: |a ∩ b| ÷ (ln |a| + ln |b|), the paper's, with one added inside each
     * logarithm so that two sentences of one term each can be compared.
     *
     * @param  list<array<string, int>>  $terms  as keys
     * @return array<int, array<int, float>> symmetric; only what is above 0
     */
    private static function weights(array $terms): array
    {
        $weights = [];
        for ($i = 0, $count = count($terms); $i < $count; $i++) {
            for ($j = $i + 1; $j < $count; $j++) {
                $shared = count(array_intersect_key($terms[$i], $terms[$j]));
                if ($shared > 0) {
                    $weights[$i][$j] = $weights[$j][$i] =
                        $shared / (log(1 + count($terms[$i])) + log(1 + count($terms[$j])));
                }
            }
        }

        return $weights;
    }
}
