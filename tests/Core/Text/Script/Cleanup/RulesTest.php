<?php

declare(strict_types=1);

namespace Tests\Core\Text\Script\Cleanup;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Rules\Brackets;
use RapidReel\Text\Rules\Directions;
use RapidReel\Text\Rules\Furniture;
use RapidReel\Text\Rules\Headings;
use RapidReel\Text\Rules\RunKind;

/** Each rule of clean-up by itself: common practice, no published source. */
final class RulesTest extends TestCase
{
    /** @return array<string, array{string, bool}> */
    public static function headings(): array
    {
        return [
            'Markdown' => ['## The storm', true],
            'a section and its number' => ['Scene 4', true],
            'a section in capitals' => ['HOOK', true],
            'a part in words' => ['Part two', true],
            'a sentence' => ['The storm came.', false],
            'a section word in a sentence' => ['The hook was rusty.', false],
            'a shout' => ['STOP THE LAMP!', false],
        ];
    }

    #[DataProvider('headings')]
    public function test_headings_are_told_from_sentences(string $line, bool $is): void
    {
        self::assertSame($is, Headings::isOne($line));
    }

    public function test_a_heading_has_a_level_and_says_what_is_left_of_its_marks(): void
    {
        self::assertSame([1, 3], [Headings::level('# The lamp'), Headings::level('### The lamp')]);
        self::assertSame('The lamp', Headings::says('## The lamp ##'));
    }

    /**
     * @return array<string, array{string, bool, bool, string|null}> note, whether it is a direction, music, and what it
     * wants shown
     */
    public static function notes(): array
    {
        return [
            'a picture' => ['Show: the drowned church', true, false, 'the drowned church'],
            'a camera move' => ['CAMERA: slow push on the church', true, false, 'slow push on the church'],
            'footage by its trade name' => ['b-roll: nine boats', true, false, 'nine boats'],
            'a tone of voice' => ['softly', true, false, null],
            'music' => ['music: low strings', true, true, null],
            'a sound' => ['sfx: foghorn', true, true, null],
            'an aside' => ['nobody knew why', false, false, null],
        ];
    }

    #[DataProvider('notes')]
    public function test_directions_are_told_from_asides_and_pictures_from_other_directions(
        string $note,
        bool $isOne,
        bool $isMusic,
        ?string $picture,
    ): void {
        self::assertSame(
            [$isOne, $isMusic],
            [Directions::isOne($note) || Directions::isMusic($note), Directions::isMusic($note)],
        );
        if ($isOne && ! $isMusic) {
            self::assertSame($picture, Directions::picture("[$note]"));
        }
    }

    public function test_brackets_are_counted_by_their_kind(): void
    {
        self::assertSame(2, Brackets::unclosed('a [b [c', '['));
        self::assertLessThanOrEqual(0, Brackets::unclosed('a [b] c', '['));
        self::assertSame(0, Brackets::unclosed('a (b', '['));
    }

    /** @return array<string, array{string}> */
    public static function furniture(): array
    {
        return array_combine(
            $lines = [
                'Read more', 'Continue reading', 'Share this article', '12 comments',
                'We use cookies to improve this site.', 'Accept all cookies', 'Sign up for our newsletter',
                'By Mara Quill', 'Published on 3 March 2026', '5 min read', 'Image credit: the harbour office',
                '© 2026 Orrin Herald', 'All rights reserved', 'Skip to content', 'Back to top',
                'Home | News | Harbour | Contact', 'Home > News > Lamps', 'Related articles', 'Fig. 3: the old lens',
            ],
            array_map(static fn (string $line): array => [$line], $lines),
        );
    }

    #[DataProvider('furniture')]
    public function test_lines_of_web_pages_are_known(string $line): void
    {
        self::assertSame(
            [1 => true],
            array_intersect_key(Furniture::among(['The lamp went out at nine.', $line, 'Nobody came before dawn.']), [
                1 => true,
            ]),
        );
    }

    /** @return array<string, array{string}> */
    public static function speech(): array
    {
        return array_combine(
            $lines = [
                'Read more of his letters and you will see it.', 'By morning the ice had gone.',
                'He sent her the newspaper, and she read it twice.', 'They share one lamp between them.',
                'Home was nine miles off.', 'The photograph shows him asleep.', 'Follow for another light tomorrow.',
                'Save this for when you need it.', 'Published at last, the map was wrong.',
            ],
            array_map(static fn (string $line): array => [$line], $lines),
        );
    }

    #[DataProvider('speech')]
    public function test_sentences_that_begin_like_them_are_spoken(string $line): void
    {
        self::assertSame(
            "The lamp went out.\n$line\nNobody came.",
            (new ScriptReader())->read("The lamp went out.\n$line\nNobody came.")->spoken(),
        );
    }

    public function test_kinds_of_notes_are_named_for_the_operator(): void
    {
        foreach (RunKind::cases() as $kind) {
            self::assertNotSame('', $kind->label());
            self::assertStringStartsWith('2 ', $kind->count(2));
        }
        self::assertSame(
            ['1 link', '2 links', '2 emoji', '1 line of web page furniture', '3 headings or numbers'],
            [
                RunKind::Link->count(1),
                RunKind::Link->count(2),
                RunKind::Symbol->count(2),
                RunKind::Furniture->count(1),
                RunKind::Heading->count(3),
            ],
        );
    }
}
