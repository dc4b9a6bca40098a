<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage\Matching;

/**
 * Ranks documents by the words of a query: S. Robertson and H. Zaragoza, "The Probabilistic Relevance Framework: BM25
 * and Beyond", 2009, without relevance feedback.
 */
final class Bm25
{
    public const K1 = 1.2;

    public const B = 0.75;

    /** A word that most documents hold still says a little. */
    private const LEAST = 0.2;

    /** @var array<array-key, array<int, float>> how often each holds a term, by term and number */
    private array $postings = [];

    /** @var array<int, float> */
    private array $lengths = [];

    private float $mean = 1.0;

    /**
     * @param  array<int, array<array-key, float>>  $documents  how often each holds a term; weighted, it need not be
     *   whole
     * @param  Collection|null  $of  all documents, where these are some of them: ranks are those among all
     */
    public function __construct(array $documents, private readonly ?Collection $of = null)
    {
        foreach ($documents as $number => $terms) {
            $this->lengths[$number] = array_sum($terms);
            foreach ($terms as $term => $times) {
                $this->postings[$term][$number] = $times;
            }
        }
        $this->mean = max(1e-9, $of->length ?? array_sum($this->lengths) / max(1, count($this->lengths)));
    }

    /**
     * @param  array<array-key, float>  $query  weights by term
     * @return array<int, float> the score of every document that holds one, by number
     */
    public function scores(array $query): array
    {
        $scores = [];
        foreach ($query as $term => $weight) {
            foreach (array_keys($this->postings[$term] ?? []) as $number) {
                $scores[$number] = ($scores[$number] ?? 0.0) + $weight * $this->of((string) $term, $number);
            }
        }

        return $scores;
    }

    /** What a term of weight 1 adds to the score of one document. */
    public function of(string $term, int $number): float
    {
        $times = $this->postings[$term][$number] ?? 0.0;

        return $times <= 0 ? 0.0 : self::weight(
            $this->of->documents ?? count($this->lengths),
            $this->of->holding[$term] ?? count($this->postings[$term]),
            $times,
            $this->lengths[$number] / $this->mean,
        );
    }

    /**
     * @param  int  $documents  that there are
     * @param  int  $holding  that hold the term
     * @param  float  $times  that this one holds it
     * @param  float  $length  of this one over the mean
     */
    public static function weight(int $documents, int $holding, float $times, float $length): float
    {
        return self::rarity($documents, $holding) * self::saturation($times, $length);
    }

    /**
     * What a term says by being rare.
     *
     * @param  int  $documents  that there are
     * @param  int  $holding  that hold it
     */
    public static function rarity(int $documents, int $holding): float
    {
        return max(self::LEAST, log(($documents - $holding + 0.5) / ($holding + 0.5)));
    }

    /**
     * What it says by how often a document holds it.
     *
     * @param  float  $length  of the document over the mean
     */
    public static function saturation(float $times, float $length): float
    {
        return $times * (self::K1 + 1) / ($times + self::K1 * (1 - self::B + self::B * $length));
    }
}
