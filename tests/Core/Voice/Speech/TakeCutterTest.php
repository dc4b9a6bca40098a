<?php

declare(strict_types=1);

namespace Tests\Core\Voice\Speech;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\SilentTake;
use RapidReel\Voice\Speech\SynthEvent;
use RapidReel\Voice\Speech\Take;
use RapidReel\Voice\Speech\TakeCutter;
use RapidReel\Voice\Speech\WordMapper;
use RapidReel\Voice\Speech\WordTiming;

final class TakeCutterTest extends TestCase
{
    private const RATE = 22_050;

    /** @param  list<array{int, float}>  $stretches ms and loudness, one after the other */
    private static function sound(array $stretches): Pcm
    {
        $bytes = '';
        $ms = 0;
        foreach ($stretches as [$long, $level]) {
            $from = (int) round($ms * self::RATE / 1000);
            $ms += $long;
            $until = (int) round($ms * self::RATE / 1000);
            for ($n = $from; $n < $until; $n++) {
                $bytes .= pack('v', (int) round(32_000 * $level * sin($n * 0.2)) & 0xFFFF);
            }
        }

        return new Pcm($bytes, self::RATE);
    }

    public function test_dead_air_at_both_ends_is_cut_and_the_words_move_with_it(): void
    {
        $raw = self::sound([[300, 0], [400, 0.5], [500, 0.4], [700, 0]]);
        ['sound' => $sound, 'words' => $words] = (new TakeCutter())->cut($raw, 'lamp out', [
            new SynthEvent(0, 300),
            new SynthEvent(5, 700),
        ]);

        self::assertEqualsWithDelta(920, $sound->durationMs(), 1);
        self::assertSame(
            [[10, 410], [410, 920]],
            array_map(static fn (WordTiming $word): array => [$word->startMs, $word->endMs], $words),
        );
    }

    public function test_a_pause_belongs_to_no_word_and_a_short_closure_does(): void
    {
        $raw = self::sound([[300, 0.5], [250, 0], [300, 0.5], [40, 0], [300, 0.5]]);
        ['words' => $words] = (new TakeCutter())->cut($raw, 'one two three', [
            new SynthEvent(0, 0),
            new SynthEvent(4, 550),
            new SynthEvent(8, 890),
        ]);

        self::assertEqualsWithDelta(300, $words[0]->endMs, 10);
        self::assertSame($words[2]->startMs, $words[1]->endMs);
    }

    public function test_levels_stay_in_step_with_the_clock_over_a_long_sound(): void
    {
        $levels = self::sound([[20_000, 0.0], [100, 0.5], [400, 0.0]])->levels();

        self::assertSame(0.0, $levels[1_999]);
        self::assertGreaterThan(0.2, $levels[2_001]);
        self::assertGreaterThan(0.2, $levels[2_009]);
        self::assertSame(0.0, $levels[2_010]);
    }

    public function test_a_voice_that_says_nothing_is_told(): void
    {
        $this->expectException(SilentTake::class);
        (new TakeCutter)->cut(self::sound([[500, 0.0]]), 'lamp', []);
    }

    public function test_several_marks_in_a_word_count_once_and_a_word_without_a_mark_shares_by_length(): void
    {
        // "In 1884 to be sure": the number has three marks, "be" has none.
        $words = ScriptWord::of('In 1884 to be sure');
        $events = [
            new SynthEvent(0, 0),
            new SynthEvent(3, 200),
            new SynthEvent(4, 500),
            new SynthEvent(4, 800),
            new SynthEvent(8, 1_000),
            new SynthEvent(14, 1_400),
        ];

        self::assertSame([0, 200, 1_000, 1_200, 1_400], (new WordMapper)->starts($words, $events, 2_000));
    }

    public function test_marks_that_run_backwards_are_not_followed(): void
    {
        $starts = (new WordMapper())->starts(
            ScriptWord::of('a bb cc'),
            [new SynthEvent(0, 0), new SynthEvent(2, 900), new SynthEvent(5, 300)],
            1_200,
        );

        self::assertSame([0, 900], array_slice($starts, 0, 2));
        self::assertGreaterThanOrEqual(900, $starts[2]);
    }

    public function test_a_take_whose_words_overlap_cannot_be(): void
    {
        $this->expectException(InvalidArgumentException::class);
        new Take('k', 1_000, [new WordTiming('a', 0, 500), new WordTiming('b', 400, 900)]);
    }
}
