<?php

declare(strict_types=1);

namespace Tests\Core\Pictures\Footage;

use PHPUnit\Framework\TestCase;
use RapidReel\Pictures\Footage\FileWords;

final class FileWordsTest extends TestCase
{
    public function test_keywords_stand_as_they_are_and_of_titles_the_words_that_tell(): void
    {
        self::assertSame(
            ['old', 'quay', 'dawn', 'fog bank', 'herring boats', 'möwen'],
            FileWords::tags([
                ['title', 'The old quay at dawn'],
                ['keywords', 'Fog bank; herring boats, Möwen,,'],
                ['COMMENT', 'The quay'],
                ['encoder', 'Some encoder'],
                ['handler_name', 'Harbour'],
            ]),
        );
    }

    public function test_what_programs_and_cameras_write_is_no_tag(): void
    {
        foreach ([
            'OLYMPUS DIGITAL CAMERA', 'CREATOR: gd-jpeg v1.0, quality = 90', 'Lavf60.3.100', 'Created with a program',
            'https://example.test/clip', "\x00\x01\x02", '2026-11-02 12:00:00', '',
        ] as $said) {
            self::assertSame([], FileWords::tags([['comment', $said], ['description', $said]]), $said);
        }
        self::assertCount(20, FileWords::tags([['keywords', implode(',', array_map(
            static fn (int $i): string => 'word '.chr(97 + $i).'x', range(0, 24),
        ))]]));
    }
}
