<?php

declare(strict_types=1);

namespace Tests\Core\Text\Sketch;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Text\Sketch\TopicList;

final class TopicListTest extends TestCase
{
    public function test_topics_are_known_with_bullets_and_numbers_and_blanks_between(): void
    {
        self::assertSame(
            ['the bell under the bay', 'a lighthouse that moved', 'why fog is loud', 'die Glocke im Eis'],
            TopicList::in(
                "- the bell under the bay\n\n2. a lighthouse that moved\n---\nwhy fog is loud\ndie Glocke im Eis",
            ),
        );
        self::assertSame(['the bell under the bay'], TopicList::in(" the bell under the bay \r\n"));
    }

    /** @return array<string, array{string}> */
    public static function others(): array
    {
        return [
            'nothing' => [" \n"],
            'a sentence' => ['Nobody came.'],
            'a question among topics' => ["the bell under the bay\nWhy is fog loud?"],
            'a heading' => ["# The bell\nthe bell rang"],
            'a label' => ["Host: the bell\nthe bell rang"],
            'a long line' => ['the bell under the bay rang and nobody in the town came'],
            'very many lines' => [implode("\n", array_fill(0, 40, 'the bell'))],
            'a table' => ["title | script\nbell | the bell rang"],
        ];
    }

    #[DataProvider('others')]
    public function test_what_may_be_a_script_is_one(string $text): void
    {
        self::assertSame([], TopicList::in($text));
    }
}
