<?php

declare(strict_types=1);

namespace Tests\Standards;

use App\Gateways\Voices\BuiltInNarrator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\TakeCutter;
use RapidReel\Voice\Speech\Voice;
use RapidReel\Voice\Speech\WordTiming;

/** Word times against the samples of the take itself. */
final class NarratorTest extends TestCase
{
    private const TEXTS = [
        'For eleven years, one lighthouse guided no ships at all.',
        'In 1884 the well-known keeper paid £3.50 for oil; to be honest, nobody knew why.',
        'He said: “Lamp lit. No vessel seen.” Four thousand nights, the same line…',
    ];

    private static ?BuiltInNarrator $narrator = null;

    private static function narrator(): BuiltInNarrator
    {
        return self::$narrator ??= new BuiltInNarrator;
    }

    /** @return array{sound: Pcm, words: non-empty-list<WordTiming>} */
    private static function take(string $text, Voice $voice): array
    {
        $speech = self::narrator()->speak($text, $voice);

        return (new TakeCutter)->cut($speech->sound, $text, $speech->events);
    }

    /** @return array<string, array{Voice, string}> */
    public static function readings(): array
    {
        $readings = [];
        foreach ((new BuiltInNarrator)->all() as $voice) {
            foreach ($voice->primaryLanguage() === 'en' ? self::TEXTS : [] as $i => $text) {
                $readings["$voice->name, text $i"] = [$voice, $text];
            }
        }

        return $readings;
    }

    #[DataProvider('readings')]
    public function test_the_span_of_a_word_holds_its_sound_and_the_gaps_are_quiet(Voice $voice, string $text): void
    {
        ['sound' => $sound, 'words' => $words] = self::take($text, $voice);
        $levels = $sound->levels();
        $peak = max($levels);
        self::assertSame($text, implode(' ', array_map(static fn (WordTiming $word): string => $word->text, $words)));

        $inside = array_fill(0, count($levels), false);
        foreach ($words as $word) {
            $span = array_slice($levels, intdiv($word->startMs, 10), max(1, intdiv($word->endMs - $word->startMs, 10)));
            self::assertGreaterThan(0.04 * $peak, max($span), "“{$word->text}” is silent");
            for ($frame = intdiv($word->startMs, 10); $frame * 10 < $word->endMs; $frame++) {
                $inside[$frame] = true;
            }
        }
        foreach ($levels as $frame => $level) {
            if (! $inside[$frame]) {
                self::assertLessThan(0.08 * $peak, $level, 'sound outside all words at '.($frame * 10).' ms');
            }
        }
    }

    #[DataProvider('readings')]
    public function test_no_dead_air_is_left_at_either_end(Voice $voice, string $text): void
    {
        $levels = self::take($text, $voice)['sound']->levels();
        $peak = max($levels);
        $audible = array_keys(array_filter($levels, static fn (float $level): bool => $level > 0.005 * $peak));

        self::assertLessThanOrEqual(2, $audible[0]);
        self::assertGreaterThanOrEqual(count($levels) - 3, $audible[count($audible) - 1]);
    }

    public function test_a_thousand_characters_run_about_a_minute(): void
    {
        // Common practice, no published source: 1,000 characters run about 60 s.
        $characters = 0;
        $ms = 0;
        foreach (glob(dirname(__DIR__, 2).'/demo/scripts/*.txt') ?: [] as $file) {
            foreach (explode("\n", (new ScriptReader)->read((string) file_get_contents($file))->spoken()) as $line) {
                if (trim($line) !== '') {
                    $characters += mb_strlen($line);
                    $ms += self::take($line, self::narrator()->all()[0])['sound']->durationMs() + 140;
                }
            }
        }

        self::assertEqualsWithDelta(60_000, $ms * 1000 / $characters, 9_000);
    }

    public function test_pictographs_are_shown_and_not_read_out(): void
    {
        $voice = self::narrator()->all()[0];
        $with = self::take('The lamp 🔥🔥🔥 went out 👩🏽‍🚀.', $voice);

        self::assertSame(
            ['The', 'lamp 🔥🔥🔥', 'went', 'out 👩🏽‍🚀.'],
            array_map(static fn (WordTiming $word): string => $word->text, $with['words']),
        );
        self::assertEqualsWithDelta(
            self::take('The lamp went out.', $voice)['sound']->durationMs(),
            $with['sound']->durationMs(),
            400,
        );
    }

    public function test_the_same_words_take_the_same_time_and_another_voice_another(): void
    {
        [$first, $second] = self::narrator()->all();
        $said = self::take(self::TEXTS[0], $first);

        // It varies its breath a little, as the synthesiser is made to.
        self::assertEqualsWithDelta(
            $said['sound']->durationMs(),
            self::take(self::TEXTS[0], $first)['sound']->durationMs(),
            100,
        );
        self::assertNotSame(md5($said['sound']->bytes), md5(self::take(self::TEXTS[0], $second)['sound']->bytes));
    }
}
