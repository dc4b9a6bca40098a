<?php

declare(strict_types=1);

namespace Tests\Core\Text\Rules;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Rules\PageBlocks;

/** A copied page: its title, its text, and all that stands around it. */
final class PageBlocksTest extends TestCase
{
    private const PAGE = [
        'Tides', 'Obituaries', 'Log in', 'The bell that rings itself', 'Tomas Reed', 'Share',
        'Every night at ten past two the bell on the quay rings once, and nobody is near the rope.', 'T. Reed',
        'The harbour master has changed the rope, the clapper and the watchman, and it rings on.',
        'He is out of ideas.', 'The price of herring', 'Quiz: which light are you?',
    ];

    public function test_what_is_said_is_left_and_the_title_is_the_line_that_speaks_of_the_same(): void
    {
        $silent = PageBlocks::of(self::PAGE, [])?->silent() ?? self::fail('It is no page.');
        self::assertSame([6, 8, 9], array_values(array_diff(array_keys(self::PAGE), array_keys($silent))));
        self::assertSame('The bell that rings itself', (new ScriptReader)->read(implode("\n", self::PAGE))->title);
    }

    public function test_readers_have_the_word_after_the_text(): void
    {
        $lines = [...self::PAGE, '12 Comments', 'My father was the watchman there, and he never rang that bell.'];
        $silent = PageBlocks::of($lines, [])?->silent() ?? [];
        self::assertArrayHasKey(count($lines) - 1, $silent);
        self::assertArrayNotHasKey(8, $silent);
    }

    /** @param  list<string>  $lines */
    #[TestWith([['The bell rang once at ten past two.', 'The rope had never stirred.', 'The keeper ran.']])]
    #[TestWith([['The bell rang once', 'The rope had never stirred', 'The keeper ran', 'Nobody came', 'It rang']])]
    #[TestWith([['The bell', 'Once, in a harbour that nobody remembers, a bell rang by itself for nine years.',
        'Then it stopped, and nobody has ever found out why it did.']])]
    public function test_a_script_is_no_page(array $lines): void
    {
        self::assertNull(PageBlocks::of($lines, []));
    }
}
