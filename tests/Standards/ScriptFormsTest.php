<?php

declare(strict_types=1);

namespace Tests\Standards;

use App\Doors\Bench\KnownForms;
use PHPUnit\Framework\TestCase;

/**
 * What is spoken of scripts in the forms that operators paste: replies of text generators, copied pages, screenplays,
 * tables, transcripts, seven languages, and plain prose with traps. Common practice, no published source; every case
 * is marked by hand in forms/*.txt.
 */
final class ScriptFormsTest extends TestCase
{
    public function test_what_is_spoken_is_kept_and_what_is_silent_is_not_said(): void
    {
        $known = KnownForms::in(__DIR__.'/forms');
        $told = print_r($known->wrong, true);

        self::assertGreaterThanOrEqual(60, $known->cases);
        self::assertGreaterThanOrEqual(0.99, $known->spokenKept, $told);
        self::assertGreaterThanOrEqual(0.97, $known->silentRemoved, $told);
        self::assertGreaterThanOrEqual(0.85, $known->right(), $told);
    }

    public function test_prose_with_traps_is_left_as_it_is(): void
    {
        $known = KnownForms::in(__DIR__.'/forms');

        self::assertSame([], array_filter(
            $known->wrong,
            static fn (string $name): bool => str_starts_with($name, 'prose: '),
            ARRAY_FILTER_USE_KEY,
        ));
    }
}
