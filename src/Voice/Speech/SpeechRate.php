<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

use InvalidArgumentException;
use RapidReel\Base\Language\Pictographs;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Language\Syllables;
use RapidReel\Base\Language\Terms;

/**
 * How long a voice takes to say words, before it has said them: so long a syllable, so long a word, and a pause at
 * every mark that makes one. Fitted to the voice's own speech; the common rate is for a voice that nobody has listened
 * to.
 */
final readonly class SpeechRate
{
    /** Percent of its usual rate at which a voice may read. */
    public const SLOWEST = 60;

    public const FASTEST = 180;

    public const PARTS = 6;

    private const SHORTEST_MS = 200;

    /** Pulls a fit towards the common rate where the examples say little. */
    private const RIDGE = 0.5;

    /**
     * @param  non-empty-list<float>  $ms  of a syllable, a word, a word with a meaning of its own on top, a clause's
     *   end, a sentence's end, and once for a text
     * @param  string  $language  that is spoken, as a BCP 47 tag
     */
    public function __construct(
        public array $ms,
        public string $language = 'en',
    ) {
        if (count($ms) !== self::PARTS || array_filter($ms, is_finite(...)) !== $ms) {
            throw new InvalidArgumentException(sprintf('A rate needs %d numbers.', self::PARTS));
        }
    }

    /** 1,000 characters in about 60 s (common practice, no published source). */
    public static function common(string $language = 'en'): self
    {
        return new self([95.0, 85.0, 80.0, 300.0, 330.0, 300.0], $language);
    }

    /**
     * The rate that comes nearest to what a voice took, by least squares.
     *
     * @param  list<array{text: string, ms: int}>  $takes  what was said, and how long it took without silence
     *                                                    at the ends
     */
    public static function fitted(array $takes, string $language = 'en'): self
    {
        $common = self::common()->ms;
        $size = count($common);
        // Normal equations of the difference from the common rate.
        $matrix = array_fill(0, $size, array_fill(0, $size + 1, 0.0));
        for ($i = 0; $i < $size; $i++) {
            $matrix[$i][$i] = self::RIDGE;
        }
        foreach ($takes as $take) {
            $features = self::features($take['text'], $language);
            $missing = $take['ms'] - self::sum($common, $features);
            for ($i = 0; $i < $size; $i++) {
                for ($j = 0; $j < $size; $j++) {
                    $matrix[$i][$j] += $features[$i] * $features[$j];
                }
                $matrix[$i][$size] += $features[$i] * $missing;
            }
        }
        $found = self::solved($matrix);

        $sum = array_map(static fn (float $ms, float $more): float => $ms + $more, $common, $found);

        return new self($sum, $language);
    }

    /** @param  int  $speed  percent of the rate it was fitted at */
    public function at(int $speed): self
    {
        return $speed === 100
            ? $this
            : new self(array_map(static fn (float $ms): float => ($ms * 100) / $speed, $this->ms), $this->language);
    }

    /** @return int milliseconds, at least 200 */
    public function ofText(string $text): int
    {
        return max(self::SHORTEST_MS, (int) round(self::sum($this->ms, self::features($text, $this->language))));
    }

    /**
     * The words of a text with estimated times: each its share by its syllables, pauses between them.
     *
     * @return list<WordTiming>
     */
    public function wordsOf(string $text): array
    {
        return $this->shared($text, $this->ofText($text));
    }

    /** What a take of a text is expected to be; it has no sound, so it has no key. */
    public function take(string $text): Take
    {
        $ms = $this->ofText($text);
        $words = $this->shared($text, $ms);

        return $words === []
            ? throw new InvalidArgumentException('A take says at least one word.')
            : new Take('', $ms, $words);
    }

    /** @return list<WordTiming> the words with their shares of so many ms */
    private function shared(string $text, int $total): array
    {
        $words = ScriptWord::of($text);
        $spans = [];
        foreach ($words as $i => $word) {
            $pause = isset($words[$i + 1]) && ! ctype_alnum($word->text) ? self::pauses($word->text.' x') : [0, 0];
            $spans[] = [
                max(40.0, Syllables::inText($word->text, $this->language) * $this->ms[0] + $this->ms[1]),
                max(0.0, $pause[0] * $this->ms[3] + $pause[1] * $this->ms[4]),
            ];
        }
        $scale = $total / max(1.0, array_sum(array_map(array_sum(...), $spans)));
        $timed = [];
        $at = 0.0;
        foreach ($words as $i => $word) {
            $start = (int) round($at);
            $at += $spans[$i][0] * $scale;
            $timed[] = new WordTiming($word->text, $start, min($total, (int) round($at)));
            $at += $spans[$i][1] * $scale;
        }

        return $timed;
    }

    /** @return list<float> what is counted, in the order of the times */
    private static function features(string $text, string $language): array
    {
        $plain = Pictographs::blanked($text);
        [$clauses, $sentences] = self::pauses($plain);
        // They are said too: "pounds", "per cent".
        $signs = (int) preg_match_all('/[$£€%&@+=°]/u', $plain);

        return array_map(floatval(...), [
            Syllables::inText($plain, $language) + 2 * $signs,
            (int) preg_match_all(Syllables::WORD, $plain) + $signs,
            count(Terms::of($plain, $language)) + $signs,
            $clauses,
            $sentences,
            1,
        ]);
    }

    /** @return array{int, int} ends of clauses and of sentences inside a text, not that at its very end */
    private static function pauses(string $text): array
    {
        $text = trim($text);

        return [
            (int) preg_match_all('/[,;:،؛、]["”’)]*\s+(?=\S)|\s[–—-]+\s|\S—(?=\S)|\(\S/u', $text),
            (int) preg_match_all('/[.!?…؟]["”’)]*\s+(?=\S)|[。！？](?=\S)/u', $text) -
            (int) preg_match_all('/\b(?:mr|mrs|ms|dr|st|capt|no)\.\s/iu', $text),
        ];
    }

    /**
     * @param  list<float>  $ms
     * @param  list<float>  $features
     */
    private static function sum(array $ms, array $features): float
    {
        return array_sum(array_map(static fn (float $one, float $times): float => $one * $times, $ms, $features));
    }

    /**
     * Gauss's elimination with the largest pivot; the matrix is positive definite.
     *
     * @param  non-empty-list<array<int, float>>  $matrix  with the right-hand side as its last column
     * @return list<float>
     */
    private static function solved(array $matrix): array
    {
        $size = count($matrix);
        for ($column = 0; $column < $size; $column++) {
            $pivot = $column;
            for ($row = $column + 1; $row < $size; $row++) {
                $pivot = abs($matrix[$row][$column]) > abs($matrix[$pivot][$column]) ? $row : $pivot;
            }
            [$matrix[$column], $matrix[$pivot]] = [$matrix[$pivot], $matrix[$column]];
            for ($row = 0; $row < $size; $row++) {
                if ($row !== $column) {
                    $factor = $matrix[$row][$column] / $matrix[$column][$column];
                    for ($i = $column; $i <= $size; $i++) {
                        $matrix[$row][$i] -= $factor * $matrix[$column][$i];
                    }
                }
            }
        }

        return array_map(static fn (array $row, int $i): float => $row[$size] / $row[$i], $matrix, array_keys($matrix));
    }
}
