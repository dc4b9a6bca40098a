<?php

declare(strict_types=1);

namespace Tests\Standards;

use App\Gateways\Voices\BuiltInNarrator;
use App\Gateways\Voices\Voice;
use App\Gateways\Voices\VoiceRates;
use App\Intake\ScriptFiles;
use RapidReel\Cut\ScenePacer;
use RapidReel\Cut\VoicedScene;
use RapidReel\Script\Scene;
use RapidReel\Script\SceneSplitter;
use RapidReel\Script\ScriptReader;
use RapidReel\Voice\SpeechRate;
use RapidReel\Voice\Take;
use RapidReel\Voice\TakeCutter;
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
        $narrator = new BuiltInNarrator;
        app(VoiceRates::class)->make();
        foreach (['aldous', 'delphine', 'giselda'] as $id) {
            $voice = app(\App\Gateways\Voices\VoiceBook::class)->get($id);
            $rate = app(VoiceRates::class)->of($voice);
            $within = 0;
            $scripts = $this->scripts();
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
                $within += abs($estimated - $real) <= 0.08 * $real ? 1 : 0;
            }
            self::assertGreaterThanOrEqual(0.9, $within / count($scripts), $voice->name);
        }
    }

    /** 1,000 characters run about 60 s: common practice, no published source. */
    public function test_a_thousand_characters_take_about_a_minute_with_the_default_voice(): void
    {
        app(VoiceRates::class)->make();
        $voice = app(\App\Gateways\Voices\VoiceBook::class)->get(\App\Gateways\Voices\VoiceBook::DEFAULT);
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
        $unheard = new Voice('nobody', 'Nobody', 'en', 'British', 'low', 'en', 41, 99);

        self::assertSame(SpeechRate::common()->ofText($text), app(VoiceRates::class)->of($unheard)->ofText($text));
    }

    /**
     * @param  non-empty-list<Scene>  $scenes
     * @param  callable(string): Take  $take
     */
    private static function length(array $scenes, callable $take): int
    {
        return (new ScenePacer())->lengthOf(
            array_map(static fn (Scene $scene): VoicedScene => new VoicedScene($scene, $take($scene->text)), $scenes),
        );
    }
}
