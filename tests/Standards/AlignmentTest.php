<?php

declare(strict_types=1);

namespace Tests\Standards;

use App\Doors\Bench\HumanSpeech;
use App\Doors\Bench\KnownSpeech;
use App\Doors\Bench\VoiceBench;
use App\Gateways\Voices\VoiceBook;
use App\Makers\Voicing\ReferenceMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Voice\Align\AlignedWord;
use RapidReel\Voice\Align\Aligner;
use RapidReel\Voice\Align\Alignment;
use RapidReel\Voice\Align\NotAlignable;
use RapidReel\Voice\Align\Resampler;
use RapidReel\Voice\Align\WordDoubt;
use RapidReel\Voice\Speech\Pcm;
use Tests\App\AppTestCase;
use Tests\Support\Sounds;

/** Word times of recordings. Source: the phone times of a second, unrelated synthesiser (flite -psdur). */
final class AlignmentTest extends AppTestCase
{
    private static function folder(): string
    {
        return TEST_PLACE.'/speech';
    }

    private function aligned(Pcm $sound, string $text, string $voice = VoiceBook::DEFAULT): Alignment
    {
        return app(ReferenceMaker::class)->align(
            new Aligner,
            $sound,
            [$text],
            app(VoiceBook::class)->get($voice),
            // Nobody is held against himself.
            KnownSpeech::VOICES,
        );
    }

    /**
     * @param  array<int, float>  $starts  ms; words beyond are not looked at
     * @return int how many words begin more than 160 ms from there
     */
    private static function far(Alignment $aligned, array $starts): int
    {
        return count(
            array_filter(
                $starts,
                static fn (float $ms, int $i): bool => abs($aligned->words[$i]->timing->startMs - $ms) > 160,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }

    public function test_words_are_found_where_another_synthesiser_says_they_are(): void
    {
        ['clean' => $clean, 'noisy' => $noisy, 'without' => $without] = app(VoiceBench::class)->errors(
            self::folder(),
            array_slice(KnownSpeech::SENTENCES, 0, 5),
        );

        self::assertGreaterThan(140, count($clean));
        self::assertLessThanOrEqual(16, VoiceBench::quantile($clean, 0.5));
        self::assertLessThanOrEqual(80, VoiceBench::quantile($clean, 0.95));
        self::assertLessThanOrEqual(150, VoiceBench::quantile($noisy, 0.95));
        self::assertLessThanOrEqual(150, VoiceBench::quantile($without, 0.9));
    }

    /**
     * Source: recordings of a reader (Debian package pocketsphinx-testdata), and when each of their words begins by
     * the aligner of that package.
     */
    public function test_words_are_found_where_somebody_says_them(): void
    {
        $errors = app(HumanSpeech::class)->errors(__DIR__.'/speech/novel.json');

        self::assertCount(71, $errors);
        self::assertLessThanOrEqual(20, VoiceBench::quantile($errors, 0.5));
        self::assertLessThanOrEqual(80, VoiceBench::quantile($errors, 0.95));
        self::assertLessThanOrEqual(150, VoiceBench::quantile($errors, 1.0));
    }

    public function test_a_long_pause_and_a_cough_are_survived(): void
    {
        $known = KnownSpeech::of(KnownSpeech::SENTENCES[1], 'slt', self::folder());
        $at = (int) $known->starts[5];
        $paused = Sounds::joined(
            $known->sound->between(0, $at),
            Sounds::silence(2_500),
            $known->sound->between($at, 60_000),
        );
        self::assertLessThanOrEqual(
            1,
            self::far(
                $this->aligned($paused, KnownSpeech::SENTENCES[1]),
                array_map(
                    static fn (float $ms, int $i): float => $ms + ($i >= 5 ? 2_500 : 0),
                    $known->starts,
                    array_keys($known->starts),
                ),
            ),
            'with a pause',
        );
        $coughed = Sounds::joined(
            $known->sound->between(0, $at),
            Sounds::silence(300),
            Sounds::noise(350, 0.25),
            Sounds::silence(300),
            $known->sound->between($at, 60_000),
        );
        $far = self::far(
            $this->aligned($coughed, KnownSpeech::SENTENCES[1]),
            array_map(
                static fn (float $ms, int $i): float => $ms + ($i >= 5 ? 950 : 0),
                $known->starts,
                array_keys($known->starts),
            ),
        );
        self::assertLessThanOrEqual(2, $far, 'of eleven words, those beside the cough alone');
    }

    public function test_a_word_that_is_left_out_and_one_said_twice_are_flagged(): void
    {
        $known = KnownSpeech::of(KnownSpeech::SENTENCES[5], 'rms', self::folder());
        $without = $this->aligned($known->without(7, 8, 9, 10)->sound, KnownSpeech::SENTENCES[5]);
        self::assertContains(
            WordDoubt::Missing,
            array_map(static fn (AlignedWord $word): WordDoubt => $word->doubt, array_slice($without->words, 6, 6)),
        );

        $twice = Sounds::joined(
            $known->sound->between(0, (int) $known->ends[5]),
            $known->sound->between((int) $known->starts[5], 60_000),
        );
        $doubted = $this->aligned($twice, KnownSpeech::SENTENCES[5]);
        self::assertGreaterThan(0, $doubted->doubtful());
        self::assertLessThanOrEqual(1, self::far($doubted, array_slice($known->starts, 0, 4)));
    }

    /** @return array<string, array{string}> */
    public static function others(): array
    {
        return ['another text' => ['english'], 'another language' => ['german'], 'music' => ['music']];
    }

    #[DataProvider('others')]
    public function test_what_is_not_this_text_is_told(string $what): void
    {
        $text = implode(' ', array_slice(KnownSpeech::SENTENCES, 0, 3));
        $own = KnownSpeech::of(KnownSpeech::SENTENCES[0], 'rms', self::folder())->sound;
        self::assertTrue($this->aligned($own, KnownSpeech::SENTENCES[0])->isOfThisText);
        $other = match ($what) {
            'english' => app(ReferenceMaker::class)->read(
                [
                    'Harbour bread needs flour, salt, yeast and an oven that is not in a hurry.',
                    'Knead it in the morning until it stops sticking to your fingers.',
                ],
                app(VoiceBook::class)->get('corwin'),
            )->sound,
            'german' => app(ReferenceMaker::class)->read(
                [
                    'Die Tür stand offen, und niemand kam.',
                    'Es regnete neun Tage lang im Hafen, und zwei Boote kamen nicht zurück.',
                ],
                app(VoiceBook::class)->get('hanno'),
            )->sound,
            default => Sounds::joined(
                ...array_map(
                    static fn (int $i): Pcm => Sounds::bursts(
                        [[180, 0.4], [70, 0.05]],
                        16_000,
                        220 * 2 ** ([0, 4, 7, 12, 7, 4][$i % 6] / 12),
                    ),
                    range(0, 35),
                ),
            ),
        };

        try {
            self::assertFalse($this->aligned($other, $text)->isOfThisText);
        } catch (NotAlignable) {
            self::assertSame('music', $what);
        }
    }

    public function test_silence_and_noise_have_no_words(): void
    {
        foreach ([Sounds::silence(2_000), Sounds::noise(2_000, 0.2)] as $sound) {
            try {
                $this->aligned($sound, 'One lamp.');
                self::fail('There is nothing to be found.');
            } catch (NotAlignable $problem) {
                self::assertSame('Nobody is heard speaking in this recording.', $problem->getMessage());
            }
        }
    }

    public function test_any_rate_and_many_channels_give_the_same_words(): void
    {
        $known = KnownSpeech::of(KnownSpeech::SENTENCES[3], 'slt', self::folder());
        foreach ([8_000, 44_100, 96_000] as $rate) {
            self::assertLessThanOrEqual(
                1,
                self::far(
                    $this->aligned(Resampler::to($known->sound, $rate), KnownSpeech::SENTENCES[3]),
                    $known->starts,
                ),
                "$rate Hz",
            );
        }
    }
}
