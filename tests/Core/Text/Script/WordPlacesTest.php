<?php

declare(strict_types=1);

namespace Tests\Core\Text\Script;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Language\WordPlaces;

/** Words that are found again in another version of a text. */
final class WordPlacesTest extends TestCase
{
    /**
     * The longest row of words in both, by trying all: what the recurrence must reach.
     *
     * @param  list<string>  $old
     * @param  list<string>  $new
     */
    private static function longest(array $old, array $new): int
    {
        if ($old === [] || $new === []) {
            return 0;
        }
        $without = self::longest(array_slice($old, 1), $new);
        $at = array_search($old[0], $new, true);

        return $at === false
            ? $without
            : max($without, 1 + self::longest(array_slice($old, 1), array_slice($new, $at + 1)));
    }

    public function test_as_many_words_as_can_be_are_found_again_in_order(): void
    {
        mt_srand(5);
        for ($round = 0; $round < 400; $round++) {
            $text = static fn (): array => array_map(
                static fn (): string => ['fog', 'bell', 'lamp', 'sea'][mt_rand(0, 3)], range(1, mt_rand(1, 8)),
            );
            [$old, $new] = [$text(), $text()];
            $places = WordPlaces::between(implode(' ', $old), implode(' ', $new));
            $said = implode(' ', $old).' → '.implode(' ', $new);

            self::assertCount(self::longest($old, $new), $places, $said);
            ksort($places);
            $before = -1;
            foreach ($places as $from => $to) {
                self::assertSame($old[$from], $new[$to], $said);
                self::assertGreaterThan($before, $to, $said);
                $before = $to;
            }
        }
    }

    public function test_case_and_marks_make_no_other_word(): void
    {
        self::assertSame([0, 1, 2], WordPlaces::between('The lamp burned', '“THE lamp… burned!”'));
        $places = WordPlaces::between('Nobody saw the lamp of Vesk', 'Nobody ever saw that lamp of Vesk.');
        ksort($places);
        self::assertSame([0 => 0, 1 => 2, 3 => 4, 4 => 5, 5 => 6], $places);
        self::assertSame([], WordPlaces::between('One', 'Two'));
    }

    public function test_what_belonged_to_a_word_that_is_gone_goes_on_with_the_next_that_is_left(): void
    {
        $places = [0 => 0, 3 => 1, 5 => 4];
        self::assertSame([0, 1, 1, 1, 4, 4, 6], array_map(
            static fn (int $word): int => WordPlaces::next($places, $word, 7), range(0, 6),
        ));
        self::assertSame(0, WordPlaces::next([], 4, 0));
    }
}
