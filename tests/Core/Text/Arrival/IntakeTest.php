<?php

declare(strict_types=1);

namespace Tests\Core\Text\Arrival;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Plan\Source\FrontMatter;
use RapidReel\Text\Arrival\Articles;
use RapidReel\Text\Arrival\SubtitleText;
use RapidReel\Text\Arrival\TextEncoding;
use RapidReel\Text\Cleanup\ScriptReader;

final class IntakeTest extends TestCase
{
    private const LAMP = 'The lamp at Orrin Head was lit in 1831 and it has not gone out since. Keepers carried the '
        .'oil up two hundred steps each evening, and each of them wrote the hour into a book. In the great storm the '
        .'glass broke, and the keeper held a blanket before the flame for nine hours so that the wind could not reach '
        .'it. In the morning eleven boats lay safe in the harbour.';

    private const BREAD = 'Good bread needs flour, salt, yeast and an oven that is not in a hurry. Mix the flour with '
        .'warm water and leave the dough alone for a night under a wet cloth. Knead it until it stops sticking to '
        .'your fingers. Shape two loaves and let them rise on a floured board near the stove. Bake for fifty minutes, '
        .'until the loaf sounds hollow when you knock on its crust.';

    /** @return array<string, array{string, string|null}> */
    public static function encodings(): array
    {
        $text = 'Die Möwe rief „Höchste Zeit“ – für 5 €…';

        return [
            'UTF-8 with a mark' => ["\xEF\xBB\xBF$text", $text],
            'Windows-1252' => [(string) mb_convert_encoding($text, 'Windows-1252', 'UTF-8'), $text],
            'UTF-16 little-endian with a mark' => ["\xFF\xFE".mb_convert_encoding($text, 'UTF-16LE', 'UTF-8'), $text],
            'UTF-16 big-endian without one' => [(string) mb_convert_encoding($text, 'UTF-16BE', 'UTF-8'), $text],
            'another script of the world' => ['عادت السفينة إلى الميناء', 'عادت السفينة إلى الميناء'],
            'a picture' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR\0\0\1\0", null],
            'random bytes' => [random_bytes(5_000), null],
        ];
    }

    #[DataProvider('encodings')]
    public function test_the_encoding_of_a_text_is_recognised(string $bytes, ?string $text): void
    {
        self::assertSame($text, TextEncoding::toUtf8($bytes));
    }

    public function test_front_matter_is_read_and_written_again(): void
    {
        $source = FrontMatter::read(
            "title: The lamp\nhook: Who put it out?\nother hook: Nine ships sank.\nvoice: Brenna\npublish_at: "
                ."2026-12-01 18:00\ntags: sea, lamp\n\nThe lamp went out.",
        );

        self::assertSame(
            [
                "Who put it out?\n\nThe lamp went out.",
                'The lamp',
                ['Nine ships sank.'],
                'Brenna',
                '2026-12-01 18:00',
                'sea, lamp',
            ],
            [
                $source->text,
                $source->title,
                $source->hooks,
                $source->settings['voice'] ?? '',
                $source->publishAt,
                $source->tags,
            ],
        );
        self::assertEquals($source, FrontMatter::read($source->asText()));
    }

    public function test_every_setting_of_a_short_may_stand_in_front_matter_and_alone_is_a_note(): void
    {
        $source = FrontMatter::read(
            "title: The lamp\ntarget: 90 s\nDead air: left\nmusic-level: 20\nlongest shot: 2000\n\nThe lamp went out.",
        );

        self::assertSame(
            ['profile' => '90 s', 'dead_air' => 'left', 'music_level' => '20', 'longest_shot' => '2000'],
            $source->settings,
        );
        self::assertEquals($source, FrontMatter::read($source->asText()));
        self::assertSame([], FrontMatter::read("Music: low strings\nThe lamp went out.")->settings);
    }

    public function test_words_with_a_colon_are_no_front_matter(): void
    {
        self::assertSame('Remember: the lamp went out.', FrontMatter::read('Remember: the lamp went out.')->text);
        self::assertSame(
            "Hook: Who put it out?\nThe lamp went out.",
            FrontMatter::read("Hook: Who put it out?\nThe lamp went out.")->text,
        );
    }

    public function test_the_words_of_subtitles_become_a_script(): void
    {
        $srt =
            "1\n00:00:01,000 --> 00:00:02,000\nThe lamp\n\n2\n00:00:02,000 --> 00:00:03,500\n<i>went out.</i>\n\n3\n"
                ."00:00:04,000 --> 00:00:05,000\n- Nobody came.\n";
        $vtt =
            "WEBVTT\n\nNOTE made by hand\n\n00:01.000 --> 00:02.000 line:80%\n<v Host>The lamp went out.\n\n00:03.000 "
                ."--> 00:04.000\nNobody &amp; nothing came.";

        self::assertTrue(SubtitleText::isOne($srt) && SubtitleText::isOne($vtt));
        self::assertSame("The lamp went out.\nNobody came.", SubtitleText::script($srt));
        self::assertSame("The lamp went out.\nNobody & nothing came.", SubtitleText::script($vtt));
        self::assertFalse(SubtitleText::isOne("1\nThe lamp went out at 00:01."));
    }

    public function test_two_articles_in_one_page_are_noticed_and_each_can_be_had_alone(): void
    {
        $script = (new ScriptReader)->read("Lamps\nBy Mara Quill\n".self::LAMP."\nBread\nBy Tobin Vale\n".self::BREAD);
        $articles = Articles::in($script);

        self::assertSame(['Lamps', 'Bread'], array_map(static fn ($article): string => $article->title, $articles));
        self::assertSame(self::BREAD, (new ScriptReader)->read(Articles::text($script, $articles[1]))->spoken());
    }

    public function test_one_article_is_one(): void
    {
        self::assertSame(
            [],
            Articles::in((new ScriptReader())->read("# Lamps\n".str_replace('. ', ".\n\n", self::LAMP))),
        );
    }
}
