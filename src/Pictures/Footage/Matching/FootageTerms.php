<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage\Matching;

use RapidReel\Base\Language\Terms;
use RapidReel\Pictures\Footage\FootageWords;

/** The words of a piece of footage as they are searched. */
final class FootageTerms
{
    /** How much what stands where counts. */
    private const TAG = 1.0;

    private const NAME = 0.7;

    private const BRIEF = 0.5;

    /**
     * @param  string  $language  as a BCP 47 tag
     * @return array<array-key, float> how often it holds a term, weighted
     */
    public static function of(FootageWords $words, string $language): array
    {
        $terms = [];
        foreach ([
            [implode(' ', $words->tags), self::TAG],
            [$words->name, self::NAME],
            [$words->brief, self::BRIEF],
        ] as [$text, $weight]) {
            foreach ($text === '' ? [] : Terms::of($text, $language) as $term) {
                $terms[$term] = ($terms[$term] ?? 0.0) + $weight;
            }
        }

        return $terms;
    }
}
