<?php

declare(strict_types=1);

namespace Tests\Core\Voice\Speech;

use PHPUnit\Framework\TestCase;
use RapidReel\Making\Mix\WavePeaks;
use RapidReel\Voice\Align\TimedText;
use RapidReel\Voice\Speech\DeadAir;
use RapidReel\Voice\Speech\Leveler;
use RapidReel\Voice\Speech\Pause;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\SoundCheck;
use RapidReel\Voice\Speech\SpeechLevels;
use RapidReel\Voice\Speech\SpokenText;
use RapidReel\Voice\Speech\SynthEvent;
use RapidReel\Voice\Speech\WordTiming;
use Tests\Support\Sounds;

final class SoundTest extends TestCase
{
    /** Three words of 300 ms with pauses of 500 and 200 ms between, in a faint hiss. */
    private static function sound(): Pcm
    {
        return Sounds::bursts([[300, 0.5], [500, 0.001], [300, 0.5], [200, 0.001], [300, 0.5]]);
    }

    /** @return non-empty-list<WordTiming> */
    private static function words(): array
    {
        return [new WordTiming('one', 0, 300), new WordTiming('lamp', 800, 1_100), new WordTiming('lit', 1_300, 1_600)];
    }

    public function test_pauses_are_measured_between_words(): void
    {
        $pauses = DeadAir::pauses(self::sound(), self::words(), 140);

        self::assertSame(
            [[0, 300, 800], [1, 1_100, 1_300]],
            array_map(static fn (Pause $pause): array => [$pause->afterWord, $pause->startMs, $pause->endMs], $pauses),
        );
        self::assertSame(
            [0],
            array_map(
                static fn (Pause $pause): int => $pause->afterWord,
                DeadAir::pauses(self::sound(), self::words(), 300),
            ),
        );
    }

    public function test_dead_air_is_cut_to_what_is_kept_and_no_sample_of_a_word_is_touched(): void
    {
        $before = self::sound();
        ['sound' => $after, 'words' => $words, 'saved' => $saved] = DeadAir::cut($before, self::words(), 120);

        self::assertSame(460, $saved);
        self::assertSame($before->durationMs() - 460, $after->durationMs());
        self::assertSame(
            [[0, 300], [420, 720], [840, 1_140]],
            array_map(static fn (WordTiming $word): array => [$word->startMs, $word->endMs], $words),
        );
        foreach (self::words() as $i => $word) {
            self::assertSame(
                $before->between($word->startMs, $word->endMs)->bytes,
                $after->between($words[$i]->startMs, $words[$i]->endMs)->bytes,
                $word->text,
            );
        }
    }

    public function test_a_joint_makes_no_click(): void
    {
        $sound = Sounds::bursts([[300, 0.5], [500, 0.02], [300, 0.5]], 16_000, 90);
        $values = array_values(
            Pcm::values(
                DeadAir::cut($sound, [new WordTiming('one', 0, 300), new WordTiming('lamp', 800, 1_100)], 120)[
                    'sound'
                ]->between(310, 410)->bytes,
            ),
        );
        $steps = array_map(static fn (int $i): int => abs($values[$i] - $values[$i - 1]), range(1, count($values) - 1));

        // A tone of that loudness and pitch moves by at most this from one sample to the next.
        self::assertLessThan(32_767 * 0.02 * 2 * M_PI * 90 / 16_000 * 2, max($steps));
    }

    public function test_a_pause_that_is_spared_stays_and_so_does_one_that_is_short_enough(): void
    {
        $keptPauses = DeadAir::cut(self::sound(), self::words(), 120, [0]);
        self::assertSame([80, 800], [$keptPauses['saved'], $keptPauses['words'][1]->startMs]);
        $short = DeadAir::cut(self::sound(), self::words(), 490);
        self::assertSame([0, self::sound()->bytes], [$short['saved'], $short['sound']->bytes]);
    }

    public function test_noise_in_a_pause_that_is_part_of_a_word_is_not_cut(): void
    {
        $words = [
            new WordTiming('one', 0, 780),
            new WordTiming('lamp', 800, 1_100),
            new WordTiming('lit', 1_300, 1_600),
        ];

        self::assertSame(80, DeadAir::cut(self::sound(), $words, 120)['saved']);
    }

    public function test_speech_is_told_from_its_own_quiet_whatever_the_room(): void
    {
        foreach ([0.0005, 0.01, 0.05] as $hiss) {
            $sound = Sounds::joined(
                Sounds::noise(400, $hiss),
                Sounds::bursts([[600, 0.5]]),
                Sounds::noise(400, $hiss, seed: 2),
                Sounds::bursts([[600, 0.4]]),
                Sounds::noise(400, $hiss, seed: 3),
            );
            $levels = SpeechLevels::of($sound->levels());
            self::assertTrue($levels->holdsSpeech());
            self::assertSame([40, 200], $levels->span(), "hiss $hiss");
            self::assertSame([[100, 140]], $levels->pauses(200));
        }
        self::assertFalse(SpeechLevels::of(Sounds::silence(1_000)->levels())->holdsSpeech());
        self::assertFalse(SpeechLevels::of(Sounds::noise(2_000, 0.2)->levels())->holdsSpeech());
        self::assertNull(SpeechLevels::of([])->span());
    }

    public function test_takes_soft_and_loud_are_brought_to_the_same_level_without_clipping(): void
    {
        $level = static function (float $loudness): float {
            $values = Leveler::level(
                Sounds::joined(Sounds::silence(300), Sounds::bursts([[800, $loudness]])),
            )->levels();

            return 20 * log10($values[60]);
        };

        self::assertEqualsWithDelta(Leveler::SPEECH_DB, $level(0.02), 0.3);
        self::assertEqualsWithDelta(Leveler::SPEECH_DB, $level(0.6), 0.3);
        // One loud knock keeps the rest from being raised into it.
        $knock = Leveler::level(Sounds::joined(Sounds::bursts([[800, 0.02]]), Sounds::bursts([[4, 0.9]])));
        self::assertLessThan(32_767, max(Pcm::values($knock->bytes)));
        self::assertSame(Sounds::silence(200)->bytes, Leveler::level(Sounds::silence(200))->bytes);
    }

    public function test_tops_that_are_cut_off_are_noticed(): void
    {
        self::assertFalse(SoundCheck::of([Sounds::bursts([[500, 0.9]])])->isClipped);
        self::assertTrue(
            SoundCheck::of([
                new Pcm(
                    Pcm::bytesOf(
                        array_map(
                            static fn (int $value): int => max(-32_768, min(32_767, 4 * $value)),
                            Pcm::values(Sounds::bursts([[500, 0.9]])->bytes),
                        ),
                    ),
                    16_000,
                ),
            ])->isClipped,
        );
    }

    public function test_a_sound_is_checked_alike_in_one_piece_and_in_many(): void
    {
        $sound = Sounds::joined(Sounds::bursts([[2_730, 0.3]]), Sounds::silence(410), Sounds::bursts([[1_204, 0.7]]));
        $whole = SoundCheck::of([$sound]);
        $pieces = SoundCheck::of($sound->pieces());

        self::assertSame([$whole->levels, $whole->peak], [$pieces->levels, $pieces->peak]);
        self::assertGreaterThan(2, count(iterator_to_array($sound->pieces())));
        self::assertSame(Leveler::level($sound)->bytes, Leveler::apply($sound, Leveler::factor($whole))->bytes);
    }

    public function test_an_outline_has_the_largest_sample_of_every_step(): void
    {
        $peaks = WavePeaks::of(Sounds::bursts([[100, 0.5], [100, 0.0]]));

        self::assertCount(40, $peaks);
        self::assertEqualsWithDelta(50, $peaks[10], 1);
        self::assertSame(0, $peaks[30]);
    }

    public function test_a_form_that_is_said_otherwise_changes_what_is_said_and_not_where_it_is_written(): void
    {
        $text = SpokenText::of('HMS Calder met Josse, and HMS Calder sank.', [
            'HMS' => 'Her Majesty’s Ship',
            'Josse' => 'Yossa',
            'lder' => 'x',
        ]);

        self::assertSame('Her Majesty’s Ship Calder met Yossa, and Her Majesty’s Ship Calder sank.', $text->said);
        $at = static fn (string $word, int $from = 0): int => (int) mb_strpos($text->said, $word, $from);
        $places = array_map(
            static fn (SynthEvent $event): int => $event->offset,
            $text->written([
                new SynthEvent(0, 0),
                new SynthEvent($at('Majesty'), 100),
                new SynthEvent($at('Calder'), 200),
                new SynthEvent($at('Yossa'), 300),
                new SynthEvent($at('sank'), 400),
            ]),
        );
        self::assertSame([0, 0, 4, 15, 37], [$places[0], min($places[1], 0), $places[2], $places[3], $places[4]]);
        self::assertLessThan(3, $places[1], 'inside of HMS');
        self::assertSame('As it is.', SpokenText::of('As it is.', [])->said);
    }

    public function test_times_are_read_from_subtitles_and_from_our_own_words(): void
    {
        $srt =
            "1\r\n00:00:01,000 --> 00:00:02,500\r\nThe <i>lamp</i>\r\n\r\n2\r\n00:01:02,000 --> 00:01:03,000\r\nwent "
                ."out.\r\n";
        self::assertSame(
            [
                ['start' => 1_000, 'end' => 2_500, 'text' => 'The lamp'],
                ['start' => 62_000, 'end' => 63_000, 'text' => 'went out.'],
            ],
            TimedText::parse($srt),
        );
        self::assertSame(
            [['start' => 1_500, 'end' => 2_000, 'text' => 'A & B']],
            TimedText::parse("WEBVTT\n\nid\n00:01.500 --> 00:02.000 line:80%\nA &amp; B\n"),
        );
        self::assertSame(
            [['start' => 5, 'end' => 9, 'text' => 'A']],
            TimedText::parse('{"duration_ms":10,"words":[{"text":"A","start_ms":5,"end_ms":9}]}'),
        );
        self::assertSame([], TimedText::parse('no times at all'));
        self::assertSame([], TimedText::parse('{"words":[{"text":5}]}'));
    }
}
