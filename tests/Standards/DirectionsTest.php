<?php

declare(strict_types=1);

namespace Tests\Standards;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Captions\Cue\CueWord;
use RapidReel\Captions\Typesetting\Direction;
use RapidReel\Captions\Typesetting\Unit;

/**
 * In which order words of both directions are seen: the examples of Unicode Standard Annex #9 (its section on
 * reordering resolved levels, from memory), where capitals stand for letters that are read from the right, and what
 * its rules make of numbers. Captions set whole words, so that what is compared is the order of these.
 */
final class DirectionsTest extends TestCase
{
    /** @param  string  $seen  words from left to right */
    #[TestWith(['car means CAR.', false, 'car means CAR.'])]
    #[TestWith(['car MEANS CAR.', true, 'CAR. MEANS car'])]
    #[TestWith(['he said “ car MEANS CAR. ” he said', false, 'he said “ car CAR. MEANS ” he said'])]
    #[TestWith(['HE SAID it is a car', true, 'it is a car SAID HE'])]
    #[TestWith(['HE HAD 206 STEPS', true, 'STEPS 206 HAD HE'])]
    #[TestWith(['FROM 10 20 30', true, '30 20 10 FROM'])]
    #[TestWith(['in FROM 10 20 TO 1884', false, 'in 1884 TO 20 10 FROM'])]
    #[TestWith(['WITH Ada Fenn 9 YEARS', true, 'YEARS Ada Fenn 9 WITH'])]
    #[TestWith(['on page 9 OF THE LOG', false, 'on page 9 LOG THE OF'])]
    #[TestWith(['A – B', true, 'B – A'])]
    #[TestWith(['a – b', true, 'a – b'])]
    #[TestWith(['one two three', false, 'one two three'])]
    public function test_words_of_both_directions_are_seen_in_the_order_of_the_annex(
        string $read,
        bool $isLeftwards,
        string $seen,
    ): void {
        $hebrew = static fn (string $word): string => (string) preg_replace_callback(
            '/[A-Z]+/', static fn (array $found): string => mb_substr('אבגדהוזחטיכלמנסעפצקרשת', 0, strlen($found[0])),
            preg_match('/^[^a-z]*$/', $word) === 1 ? $word : '',
        ) ?: $word;
        $names = explode(' ', $read);
        $words = array_map(static fn (string $word): CueWord => new CueWord($hebrew($word), 0, 1), $names);
        $units = array_map(static fn (int $i): Unit => new Unit($i, [], 1.0, 1.0), array_keys($words));

        self::assertSame($seen, implode(' ', array_map(
            static fn (Unit $unit): string => $names[$unit->word], Direction::order($units, $words, $isLeftwards),
        )));
    }
}
