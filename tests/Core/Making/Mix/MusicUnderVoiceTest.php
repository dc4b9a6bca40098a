<?php

declare(strict_types=1);

namespace Tests\Core\Making\Mix;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Refusal;
use RapidReel\Making\Mix\Clearness;
use RapidReel\Making\Mix\Ducking;
use RapidReel\Making\Mix\LevelLine;
use RapidReel\Making\Mix\MoodFinder;
use RapidReel\Making\Mix\MusicBed;
use RapidReel\Making\Mix\MusicChooser;
use RapidReel\Plan\Choice\Mood;
use RapidReel\Plan\Choice\MusicLevel;
use RapidReel\Plan\Cut\CutMusic;
use RapidReel\Plan\Cut\CutWord;
use RapidReel\Plan\Settings\Type\LineType;
use RapidReel\Voice\Speech\WordTiming;

final class MusicUnderVoiceTest extends TestCase
{
    /** @param  list<array{int, int}>  $line */
    private static function piece(int $durationMs, int $lift = 6, array $line = [], int $barMs = 2_000): CutMusic
    {
        $bars = $barMs === 0 ? [] : range(300, $durationMs, $barMs);

        return new CutMusic('1', 'a', -20.0, $durationMs, $bars, new MusicLevel(17, $lift, 100, 400, $line));
    }

    /** @return list<CutWord> */
    private static function said(int ...$edges): array
    {
        $words = [];
        foreach (array_chunk($edges, 2) as [$from, $until]) {
            $words[] = new CutWord(new WordTiming('word', $from, $until), 0);
        }

        return $words;
    }

    public function test_a_long_piece_begins_at_its_first_bar_and_goes_out_from_a_bar_on(): void
    {
        $bed = MusicBed::of(self::piece(60_000), 20_000);

        self::assertSame([300, 0], [$bed->inMs, $bed->loopMs]);
        // Bars of the short are at 0, 2, 4 … s; that at 18 s leaves two seconds to go out over.
        self::assertSame(18_000, $bed->fadeMs);
    }

    public function test_a_short_piece_goes_round_at_a_bar(): void
    {
        $bed = MusicBed::of(self::piece(9_000), 30_500);

        self::assertSame(300, $bed->inMs);
        self::assertSame(8_000, $bed->loopMs, 'from the first bar to the last that is whole');
        self::assertSame(28_000, $bed->fadeMs, 'a bar of the fourth time round');
    }

    public function test_a_piece_that_does_not_beat_is_used_from_its_begin_and_goes_round_as_a_whole(): void
    {
        $bed = MusicBed::of(self::piece(5_000, barMs: 0), 20_000);

        self::assertSame([0, 5_000 - MusicBed::JOINT_MS, 18_500], [$bed->inMs, $bed->loopMs, $bed->fadeMs]);
    }

    public function test_music_is_down_before_somebody_speaks_and_comes_back_after(): void
    {
        $line = Ducking::of(self::piece(60_000), self::said(2_000, 2_500, 2_600, 4_000, 8_000, 9_000), 12_000, 11_000);

        foreach ([2_000, 2_550, 3_999, 8_000, 8_999] as $ms) {
            self::assertEqualsWithDelta(-17.0, $line->at($ms), 0.01, "$ms ms");
        }
        foreach ([1_000, 1_900, 4_400, 6_000, 7_900, 9_400, 10_900] as $ms) {
            self::assertEqualsWithDelta(-11.0, $line->at($ms), 0.01, "$ms ms");
        }
        self::assertEqualsWithDelta(-14.0, $line->at(1_950), 0.01, 'halfway down');
        self::assertLessThan(-40, $line->at(11_995));
        self::assertSame(0.0, $line->gains(12_001, 1_000)[12_000]);
    }

    public function test_a_pause_that_is_too_short_to_come_back_in_is_none(): void
    {
        $line = Ducking::of(self::piece(60_000), self::said(1_000, 2_000, 2_600, 4_000), 6_000, 5_000);

        self::assertEqualsWithDelta(-17.0, $line->at(2_300), 0.01);
    }

    public function test_a_steady_level_stays_and_points_move_it(): void
    {
        $steady = Ducking::of(self::piece(60_000, 0), self::said(1_000, 2_000), 10_000, 9_000);
        self::assertSame([-17.0, -17.0], [$steady->at(500), $steady->at(8_000)]);

        $moved = Ducking::of(self::piece(60_000, 0, [[2_000, 0], [4_000, -6], [6_000, 0]]), [], 10_000, 9_000);
        self::assertEqualsWithDelta(-23.0, $moved->at(4_000), 0.01);
        self::assertEqualsWithDelta(-20.0, $moved->at(3_000), 0.01);
        self::assertEqualsWithDelta(-17.0, $moved->at(1_000), 0.01);
    }

    /** @return list<float> */
    private static function seconds(float ...$levels): array
    {
        return array_merge(...array_map(static fn (float $level): array => array_fill(0, 10, $level), $levels));
    }

    public function test_music_that_comes_too_near_to_the_voice_is_lowered_there_and_nowhere_else(): void
    {
        $line = new LevelLine([[0, -17.0], [5_000, -17.0]]);
        $voice = self::seconds(-14.0, -14.0, -24.0, -70.0, -14.0);
        $music = self::seconds(-14.0, -14.0, -14.0, -14.0, -14.0);
        $rounded = static fn (array $clear): array => array_map(
            static fn (?float $one): ?float => $one === null ? null : round($one, 6),
            $clear,
        );
        self::assertSame([17.0, 17.0, 7.0, null, 17.0], $rounded(Clearness::of($line, $voice, $music)));

        $kept = Clearness::kept($line, $voice, $music);
        $clear = Clearness::of($kept, $voice, $music);
        self::assertGreaterThanOrEqual(Clearness::CLEAR_DB, $clear[2]);
        self::assertEqualsWithDelta(17.0, $clear[0], 0.001);
        self::assertSame(-17.0, $kept->at(4_500));
        self::assertSame(-17.0, $kept->at(3_500), 'and is back where nobody speaks any more');
        $clearEverywhere = self::seconds(-14.0, -14.0);
        self::assertSame($line, Clearness::kept($line, $clearEverywhere, $music), 'what is clear stays as it is');
    }

    public function test_a_second_that_holds_little_speech_is_as_clear_as_that_and_its_pause_is_no_faint_speech(): void
    {
        // Somebody speaks for a fifth of the second, and then nobody does for two and a half.
        $voice = [...self::seconds(-14.0), -14.0, -14.0, ...array_fill(0, 25, -70.0), ...self::seconds(-14.0)];
        $music = array_fill(0, count($voice), -14.0);
        // Down under speech, up by six where nobody speaks.
        $line = new LevelLine([[0, -17.0], [1_200, -17.0], [1_600, -11.0], [3_500, -11.0], [3_700, -17.0]]);
        $kept = Clearness::kept($line, $voice, $music);

        for ($ms = 0; $ms <= 4_600; $ms += 50) {
            self::assertGreaterThanOrEqual(-17.7, $kept->at($ms), "at $ms ms");
        }
        foreach ([1_800, 2_500, 3_200] as $ms) {
            self::assertSame(-11.0, $kept->at($ms), "in the pause, at $ms ms");
        }
    }

    public function test_loudness_stands_at_the_middle_of_what_it_is_of(): void
    {
        self::assertSame([-17.0, -27.0], Clearness::moments([-70.0, -70.0, -20.0, -30.0], 3.0));
    }

    public function test_a_batch_of_one_mood_does_not_all_have_one_piece(): void
    {
        $moods = ['m1' => Mood::Calm, 'm2' => Mood::Tense, 'm3' => Mood::Tense, 'm4' => Mood::Warm, 'm5' => null];
        $chooser = new MusicChooser;
        $chosen = static fn (?Mood $mood): array => array_map(
            static fn (int $i): ?string => $chooser->choose($mood, $moods, $i),
            range(1, 6),
        );

        self::assertSame(['m2', 'm3', 'm2', 'm3', 'm2', 'm3'], $chosen(Mood::Tense));
        self::assertSame(['m1', 'm1', 'm4', 'm1', 'm1', 'm4'], $chosen(Mood::Calm), 'the nearest mood now and then');
        self::assertSame(['m4'], array_values(array_unique($chosen(Mood::Bright))), 'none is bright; warm is near');
        self::assertSame(['m1', 'm2', 'm3', 'm4', 'm5', 'm1'], $chosen(null));
        self::assertNull($chooser->choose(Mood::Calm, [], 1));
    }

    public function test_words_say_a_mood(): void
    {
        self::assertSame(Mood::Tense, MoodFinder::of('The storm wrecked the boat and nobody knew the danger.', 'en'));
        self::assertSame(Mood::Warm, MoodFinder::of('Her mother kept every letter for the children at home.', 'en'));
        self::assertSame(Mood::Sad, MoodFinder::of('Die Witwe stand allein am Grab und weinte.', 'de'));
        self::assertSame(Mood::Calm, MoodFinder::of('The night was still and quiet over the sea.', 'en-GB'));
        self::assertNull(MoodFinder::of('Seven plus five is twelve.', 'en'));
        self::assertNull(MoodFinder::of('The storm wrecked the boat.', 'xx'));
    }

    public function test_points_of_a_line_are_kept_in_order_and_refused_with_a_sentence(): void
    {
        $type = new LineType;
        self::assertSame('2:-6, 12.5:3', $type->read(' 12.5 : +3dB, 2s:-6'));
        self::assertSame([[2_000, -6], [12_500, 3]], LineType::points('2:-6, 12.5:3'));
        self::assertSame(['', 'none', '2 points'], [$type->read(''), $type->says(''), $type->says('2:-6, 12.5:3')]);
        $many = implode(',', array_map(static fn (int $i): string => "$i:1", range(1, 61)));
        foreach (['loud', '3:60', '3', '900:1', $many] as $bad) {
            try {
                $type->read($bad);
                self::fail($bad);
            } catch (Refusal $problem) {
                self::assertStringContainsString('line', $problem->getMessage());
            }
        }
    }
}
