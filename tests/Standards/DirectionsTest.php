<?php

declare(strict_types=1);

namespace Tests\Standards;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RapidReel\Captions\Cue\CueWord;
use RapidReel\Captions\Typesetting\BidiLevels;
use RapidReel\Captions\Typesetting\Direction;
use RapidReel\Captions\Typesetting\Unit;
use Symfony\Component\Process\Process;

/**
 * In which order words of both directions are seen: the examples of Unicode Standard Annex #9 (its section on
 * reordering resolved levels, from memory), where capitals stand for letters that are read from the right, and what
 * another implementation of it says. Captions set whole words, so that what is compared is the order of these.
 */
final class DirectionsTest extends TestCase
{
    private const WORDS = [
        'lamp', 'Ada', 'Fenn,', '“car', 'means”', 'été.', 'Öl', 'лампа', 'φως',
        'אור', 'מגדלור,', 'הים.', '”לילה', 'שלום',
        'بحر', 'المصباح،', 'نور.', 'ليل',
        '12', '1884', '3.5', '50%', '1,200', '£12', '١٢', '٢٠٠', '–', '…',
        '&', '+', '206th', 'A1', '(אור)', '(lamp)', '«نور»', '10:30', '3–4',
    ];

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
        $words = array_map($hebrew, $names);

        self::assertSame($seen, implode(' ', array_map(
            static fn (int $i): string => $names[$i], self::ordered($words, $isLeftwards),
        )));
    }

    /**
     * Against GNU FriBidi (Debian: libfribidi-bin), which passes the conformance test of the annex: lines of any words,
     * numbers and signs of both directions.
     */
    #[TestWith([false])]
    #[TestWith([true])]
    public function test_any_words_are_seen_in_the_order_that_another_implementation_gives_them(bool $isLeftwards): void
    {
        $any = new Randomizer(new Mt19937($isLeftwards ? 9 : 3));
        $lines = [];
        for ($i = 0; $i < 1_500; $i++) {
            $line = [];
            for ($j = $any->getInt(2, 9); $j > 0; $j--) {
                $line[] = self::WORDS[$any->getInt(0, count(self::WORDS) - 1)];
            }
            $lines[] = $line;
        }
        $process = new Process([
            'fribidi', '--charset', 'UTF-8', '--nobreak', '--nopad', $isLeftwards ? '--rtl' : '--ltr', '--novisual',
            '--ltov', '--levels',
        ], input: implode("\n", array_map(static fn (array $line): string => implode(' ', $line), $lines))."\n");
        $told = array_map(
            static fn (string $row): array => array_map(intval(...), explode(' ', trim($row))),
            explode("\n", trim($process->mustRun()->getOutput())),
        );

        self::assertCount(2 * count($lines), $told);
        foreach ($lines as $i => $line) {
            [$places, $levels] = [$told[2 * $i], $told[2 * $i + 1]];
            self::assertSame($levels, BidiLevels::of(implode(' ', $line), $isLeftwards ? 1 : 0), implode(' ', $line));
            $at = 0;
            $left = [];
            foreach ($line as $number => $word) {
                // A bracket or a mark at its edge may stand apart from it: a word is where its letters are.
                $letters = array_map(
                    static fn (string $one): bool => preg_match('/[\p{L}\p{N}]/u', $one) === 1, mb_str_split($word),
                );
                $of = array_slice($places, $at, count($letters));
                $left[$number] = min(array_intersect_key($of, array_filter($letters) ?: $letters));
                $at += count($letters) + 1;
            }
            asort($left);
            self::assertSame(array_keys($left), self::ordered($line, $isLeftwards), implode(' ', $line));
        }
    }

    /**
     * @param  list<string>  $words
     * @return list<int> their numbers, from left to right
     */
    private static function ordered(array $words, bool $isLeftwards): array
    {
        $units = array_map(static fn (int $i): Unit => new Unit($i, [], 1.0, 1.0), array_keys($words));

        return array_map(static fn (Unit $unit): int => $unit->word, Direction::order(
            $units, array_map(static fn (string $word): CueWord => new CueWord($word, 0, 1), $words), $isLeftwards,
        ));
    }
}
