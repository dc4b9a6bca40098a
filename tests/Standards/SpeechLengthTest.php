<?php

declare(strict_types=1);

namespace Tests\Standards;

use App\Desks\Intake\ScriptFiles;
use App\Gateways\Voices\BuiltInNarrator;
use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceRates;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Base\FrameGrid;
use RapidReel\Plan\Cut\ScenePacer;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneSplitter;
use RapidReel\Voice\Speech\Speaker;
use RapidReel\Voice\Speech\SpeechRate;
use RapidReel\Voice\Speech\Take;
use RapidReel\Voice\Speech\TakeCutter;
use RapidReel\Voice\Speech\Voice;
use RapidReel\Voice\Speech\VoiceEngine;
use Tests\App\AppTestCase;

/** How long scripts take to say, before and after somebody says them. */
final class SpeechLengthTest extends AppTestCase
{
    /** @return list<non-empty-list<Scene>> */
    private function scripts(): array
    {
        $sources = app(ScriptFiles::class)->fromPath(base_path('demo/scripts'));

        return array_map(
            static fn ($source): array => (new SceneSplitter())->split(
                (new ScriptReader())->read($source->text, $source->title),
            ),
            $sources,
        );
    }

    /** Source: the narrator's own takes. */
    public function test_the_estimate_is_within_8_percent_of_the_real_take_on_nine_of_ten_scripts(): void
    {
        app(VoiceRates::class)->make();
        foreach (['aldous', 'delphine', 'giselda'] as $id) {
            $this->assertForeseen(app(VoiceBook::class)->get($id), $this->scripts());
        }
    }

    /** @param  list<non-empty-list<Scene>>  $scripts */
    private function assertForeseen(Voice $voice, array $scripts): void
    {
        $narrator = new BuiltInNarrator;
        $rate = app(VoiceRates::class)->of($voice);
        $off = [];
        foreach ($scripts as $scenes) {
            $estimated = self::length($scenes, static fn (string $text): Take => $rate->take($text));
            $real = self::length($scenes, static function (string $text) use ($narrator, $voice): Take {
                $speech = $narrator->speak($text, $voice);
                ['sound' => $sound, 'words' => $words] = (new TakeCutter())->cut(
                    $speech->sound,
                    $text,
                    $speech->events,
                );

                return new Take('take', $sound->durationMs(), $words);
            });
            $off[] = abs($estimated / $real - 1);
        }
        $within = count(array_filter($off, static fn (float $by): bool => $by <= 0.08));
        self::assertGreaterThanOrEqual(0.9, $within / count($scripts), $voice->name.' '.json_encode($off));
    }

    /** @return array<string, array{string}> */
    public static function languages(): array
    {
        return [
            'German' => ['de'], 'French' => ['fr'], 'Spanish' => ['es'], 'Italian' => ['it'], 'Portuguese' => ['pt'],
        ];
    }

    /** Source: the narrator's own takes of ten scripts in each language, none of which it was listened to with. */
    #[DataProvider('languages')]
    public function test_estimates_are_as_good_in_other_languages(string $language): void
    {
        $voices = array_filter(
            app(VoiceBook::class)->all(),
            static fn (Voice $voice): bool => str_starts_with($voice->language, $language)
                && $voice->source === VoiceEngine::Narrator,
        );
        self::assertNotSame([], $voices);
        $texts = explode("\n\n", trim((string) file_get_contents(__DIR__."/texts/$language.txt")));
        foreach ($voices as $voice) {
            app(VoiceRates::class)->hear($voice);
            $this->assertForeseen($voice, array_map(
                static fn (string $text): array => (new SceneSplitter())->split((new ScriptReader())->read($text, '')),
                $texts,
            ));
        }
    }

    /** 1,000 characters run about 60 s: common practice, no published source. */
    public function test_a_thousand_characters_take_about_a_minute_with_the_default_voice(): void
    {
        app(VoiceRates::class)->make();
        $voice = app(VoiceBook::class)->get(VoiceBook::DEFAULT);
        $characters = 0;
        $ms = 0;
        foreach ($this->scripts() as $scenes) {
            $characters += array_sum(array_map(static fn (Scene $scene): int => mb_strlen($scene->text) + 1, $scenes));
            $ms += self::length(
                $scenes,
                static fn (string $text): Take => app(VoiceRates::class)->of($voice)->take($text),
            );
        }

        self::assertEqualsWithDelta(60_000, 1000 * $ms / $characters, 0.15 * 60_000);
    }

    public function test_the_common_rate_serves_until_a_voice_was_listened_to(): void
    {
        $text = 'For eleven years, one lighthouse guided no ships at all.';
        $unheard = new Voice('nobody', 'Nobody', 'en', 'British', 'low', new Speaker('en', 41, 99));

        self::assertSame(SpeechRate::common()->ofText($text), app(VoiceRates::class)->of($unheard)->ofText($text));
    }

    /**
     * @param  non-empty-list<Scene>  $scenes
     * @param  callable(string): Take  $take
     */
    private static function length(array $scenes, callable $take): int
    {
        return (new ScenePacer(new FrameGrid(30)))->lengthOf(
            array_map(static fn (Scene $scene): VoicedScene => new VoicedScene($scene, $take($scene->text)), $scenes),
        );
    }
}
