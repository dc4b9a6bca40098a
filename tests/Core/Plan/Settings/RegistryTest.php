<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Settings;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\OfferedLooks;
use RapidReel\Plan\Settings\OfferedSounds;
use RapidReel\Plan\Settings\OfferedVoices;
use RapidReel\Plan\Settings\Registry;
use RapidReel\Plan\Settings\Section;
use RapidReel\Plan\Settings\Setting;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\NumberType;

/** Of every setting: what it is by default can be written, is said, and what lies outside is refused by its range. */
final class RegistryTest extends TestCase
{
    private static function registry(): Registry
    {
        return Registry::of(
            new OfferedVoices(
                ['aldous' => 'Aldous', 'brenna' => 'Brenna'], 'aldous', ['aldous' => 'English', 'brenna' => 'English'],
            ),
            new OfferedSounds(['7' => 'Slow tide'], ['bell' => 'Bell']),
            new OfferedLooks(['plain' => 'Plain'], ['own-night' => 'Night'], ['abc' => 'Cold'], ['def' => 'Beacon']),
        );
    }

    public function test_every_default_is_one_of_its_values_and_comes_back_as_it_is_when_it_is_written(): void
    {
        foreach (self::registry()->all() as $key => $setting) {
            self::assertSame($setting->default, $setting->type->read((string) $setting->default), $key);
            self::assertNotSame('', $setting->type->says($setting->default), $key);
            self::assertTrue($setting->takes($setting->default), $key);
        }
    }

    public function test_labels_and_other_names_mean_one_setting_each(): void
    {
        $names = [];
        foreach (self::registry()->all() as $key => $setting) {
            self::assertSame($key, $setting->key);
            self::assertMatchesRegularExpression('/^\p{Lu}/u', $setting->label, 'labels begin large');
            foreach ([$key, ...$setting->aliases] as $name) {
                self::assertArrayNotHasKey($name, $names, "$name means two");
                $names[$name] = $key;
            }
        }
        foreach ($names as $name => $key) {
            if (self::registry()->get($key)->isAt(Level::Short)) {
                self::assertSame($key, Registry::keyNamed(strtoupper(str_replace('_', ' ', $name))), $name);
            }
        }
        self::assertNull(Registry::keyNamed('no such thing'));
    }

    public function test_levels_are_told_the_widest_first(): void
    {
        foreach (self::registry()->all() as $key => $setting) {
            $inOrder = array_values(array_filter(Level::cases(), $setting->isAt(...)));
            self::assertSame($inOrder, $setting->levels, $key);
        }
    }

    public function test_numbers_are_taken_to_their_ends_with_and_without_their_unit_and_not_a_step_further(): void
    {
        $numbers = array_filter(
            self::registry()->all(),
            static fn (Setting $one): bool => $one->type instanceof NumberType,
        );
        self::assertGreaterThan(20, count($numbers));
        foreach ($numbers as $key => $setting) {
            $type = $setting->type;
            self::assertInstanceOf(NumberType::class, $type);
            foreach ([$type->least, $type->most] as $value) {
                self::assertSame($value, $type->read(" $value {$type->unit} "), $key);
                self::assertSame($value, $type->read("$value.000"), $key);
            }
            if ($type->word !== '') {
                self::assertSame($type->word, $type->read(ucfirst($type->word)), $key);
            }
            foreach ([$type->least - 1, $type->most + 1, "{$type->least}.5", 'nine', '', '1e3', "\0", '٣'] as $wrong) {
                try {
                    $read = $type->read((string) $wrong);
                    self::fail("$key took “{$wrong}” as $read.");
                } catch (Refusal $problem) {
                    self::assertStringContainsString($type->says($type->most), $problem->getMessage(), $key);
                }
            }
        }
    }

    public function test_times_are_said_in_seconds_and_taken_in_either(): void
    {
        $times = array_filter(
            self::registry()->all(),
            static fn (Setting $one): bool => $one->type instanceof NumberType && $one->type->isTime(),
        );
        self::assertGreaterThan(8, count($times));
        foreach ($times as $key => $setting) {
            self::assertInstanceOf(NumberType::class, $setting->type);
            foreach ([$setting->type->least, $setting->type->most] as $ms) {
                self::assertSame($ms, $setting->type->read($setting->type->typed($ms)), $key);
                self::assertSame($ms, $setting->type->read($ms / 1000 .'s'), $key);
                self::assertSame($ms, $setting->type->read(str_replace('.', ',', (string) ($ms / 1000)).' sec'), $key);
            }
        }
        $pause = self::registry()->get('pause')->type;
        self::assertSame(['0.4 s', '3 s', '0.02 s'], array_map($pause->says(...), [400, 3_000, 20]));
        // A bare number is what it always was, in files that were written long ago.
        self::assertSame(400, $pause->read('400'));
        $this->expectExceptionMessage('A pause is from 0 to 3 s, or “usual”; “4 s” is not.');
        $pause->read('4 s');
    }

    public function test_every_setting_has_a_section_and_is_found_by_the_words_that_people_look_for(): void
    {
        $registry = self::registry();
        $found = static fn (string $words): array => array_keys(array_filter(
            $registry->all(),
            static fn (Setting $one): bool => array_filter(
                explode(' ', $words),
                static fn (string $word): bool => ! str_contains($one->words(), $word),
            ) === [],
        ));
        foreach ([
            'green screen' => 'key', 'watermark' => 'logo', 'subtitles' => 'caption_style', 'volume' => 'music_level',
            'font' => 'card_face', 'lut' => 'look_table', 'zoom' => 'motion', 'aspect' => 'shape',
            'fade' => 'transition', 'call to action' => 'pointer', 'silence' => 'dead_air', 'faster' => 'speed',
            'ducking' => 'music_attack',
        ] as $words => $key) {
            self::assertContains($key, $found($words), $words);
        }
        foreach (Section::cases() as $section) {
            self::assertNotSame([], $registry->in($section), $section->value);
        }
        self::assertNotContains('caption_styles', $registry->in(Section::Captions), 'It has a page of its own.');
        self::assertFalse($registry->get('motion')->isOf(isClip: true));
        self::assertTrue($registry->get('motion')->isOf(isClip: false));
        self::assertFalse($registry->get('clip_fit')->isOf(isClip: false));
    }

    public function test_choices_are_taken_by_id_and_by_name_however_they_are_spelled(): void
    {
        foreach (self::registry()->all() as $key => $setting) {
            if (! $setting->type instanceof ChoiceType) {
                continue;
            }
            foreach ($setting->type->options as $id => $label) {
                self::assertSame((string) $id, $setting->type->read(" $id "), $key);
                self::assertContains(
                    $setting->type->read(mb_strtoupper($label)),
                    array_map(strval(...), array_keys($setting->type->options, $label, true)),
                    "$key: $label",
                );
            }
            try {
                $setting->type->read('gone-long-ago');
                self::fail("$key took what is not there.");
            } catch (Refusal $problem) {
                self::assertStringContainsString("There is no {$setting->type->what}", $problem->getMessage());
            }
        }
    }

    public function test_what_is_written_for_a_level_is_read_or_refused_as_a_whole(): void
    {
        $registry = self::registry();
        $values = $registry->read(['speed' => '120 %', 'voice' => 'Brenna', 'split' => 'Words:5-15'], Level::Short);
        self::assertSame(['speed' => 120, 'split' => 'words:5-15', 'voice' => 'brenna'], $values->own);

        foreach ([
            '“Scenes” cannot be set for a scene.' => ['split' => 'line'],
            'There is no setting “colour”.' => ['colour' => 'red'],
        ] as $told => $written) {
            try {
                $registry->read(['speed' => '90', ...$written], Level::Scene);
                self::fail('It was taken.');
            } catch (Refusal $problem) {
                self::assertStringContainsString($told, $problem->getMessage());
            }
        }
    }

    public function test_what_there_is_to_choose_is_told_as_somebody_would_write_it(): void
    {
        $type = new ChoiceType('logo', [
            'none' => 'none', '1312c194625f5a47f433a455983c6080' => 'Beacon', 34 => 'Opening lamp', 'own-7' => 'Gong',
            'top-left' => 'at the top left',
        ]);
        foreach (['Beacon', '1312C194625F5A47F433A455983C6080', ' beacon '] as $written) {
            self::assertSame('1312c194625f5a47f433a455983c6080', $type->read($written));
        }
        self::assertSame('34', $type->read('34'));
        $this->expectExceptionMessage(
            'There is no logo “Moon”. There are: none, Beacon, Opening lamp, Gong, top-left.',
        );
        $type->read('Moon');
    }
}
