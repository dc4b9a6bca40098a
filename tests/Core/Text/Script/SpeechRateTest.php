<?php

declare(strict_types=1);

namespace Tests\Core\Text\Script;

use PHPUnit\Framework\TestCase;
use RapidReel\Text\Sketch\Phrases;
use RapidReel\Text\Sketch\Tone;
use RapidReel\Voice\Speech\SpeechRate;
use RapidReel\Voice\Speech\WordTiming;

final class SpeechRateTest extends TestCase
{
    public function test_a_fit_finds_the_rate_that_its_examples_were_spoken_at(): void
    {
        $slow = SpeechRate::common()->at(70);
        $texts = [...Phrases::of(Tone::Tense), ...Phrases::of(Tone::Bright)];
        $fitted = SpeechRate::fitted(
            array_map(
                static fn (string $text): array => ['text' => $text, 'ms' => $slow->ofText($text)],
                array_values(array_unique($texts)),
            ),
        );

        foreach (Phrases::of(Tone::Calm) as $text) {
            self::assertEqualsWithDelta(
                $slow->ofText($text),
                $fitted->ofText($text),
                0.05 * $slow->ofText($text),
                $text,
            );
        }
    }

    public function test_longer_words_numbers_and_pauses_take_longer(): void
    {
        $rate = SpeechRate::common();

        self::assertGreaterThan($rate->ofText('One lamp.'), $rate->ofText('One lighthouse.'));
        self::assertGreaterThan($rate->ofText('In June it burned.') + 300, $rate->ofText('In 1884 it burned.'));
        self::assertGreaterThan($rate->ofText('One lamp two boats.'), $rate->ofText('One lamp, two boats.'));
        self::assertSame($rate->ofText('One lamp.'), $rate->ofText('One lamp. 🔔'), 'a picture sign is not said');
        self::assertGreaterThanOrEqual(200, $rate->ofText('I'));
    }

    public function test_words_share_the_time_of_their_text_in_order(): void
    {
        $rate = SpeechRate::common();
        $text = 'For eleven years, one lighthouse guided no ships at all.';
        $take = $rate->take($text);

        self::assertSame(['', $rate->ofText($text)], [$take->key, $take->durationMs]);
        self::assertSame(
            explode(' ', $text),
            array_map(static fn (WordTiming $word): string => $word->text, $take->words),
        );
        self::assertGreaterThan($take->words[2]->endMs, $take->words[3]->startMs, 'a comma makes a pause');
        $at = 0;
        foreach ($take->words as $word) {
            self::assertGreaterThanOrEqual($at, $word->startMs);
            $at = $word->endMs;
        }
    }

    public function test_twice_the_speed_is_half_the_time(): void
    {
        $text = 'For eleven years, one lighthouse guided no ships at all.';

        self::assertEqualsWithDelta(
            SpeechRate::common()->ofText($text) / 1.5,
            SpeechRate::common()->at(150)->ofText($text),
            2,
        );
    }
}
