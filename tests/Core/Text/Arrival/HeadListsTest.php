<?php

declare(strict_types=1);

namespace Tests\Core\Text\Arrival;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Plan\Source\FrontMatter;
use RapidReel\Plan\Source\HeadLists;
use RapidReel\Plan\Source\ScriptParts;

/** Heads of scripts with lists, as YAML writes them (YAML 1.2, chapters 7.4.1, 8.1 and 8.2.1). */
final class HeadListsTest extends TestCase
{
    private const BODY = "The lamp went out.\n- Nobody came.";

    #[TestWith(["hooks:\n  - What if a lamp burned for nobody?\n  - \"One light, and no ships.\""])]
    #[TestWith(["hooks:\n- What if a lamp burned for nobody?\n- 'One light, and no ships.'"])]
    #[TestWith(['hooks: [What if a lamp burned for nobody?, "One light, and no ships."]'])]
    #[TestWith(["hooks: |\n  What if a lamp burned for nobody?\n  One light, and no ships."])]
    #[TestWith(["other hooks:\n  - What if a lamp burned for nobody?\n  - One light, and no ships."])]
    public function test_every_item_is_a_hook_to_try_and_the_text_stays(string $list): void
    {
        $file = "---\ntitle: The lamp\n$list\ntags:\n  - lamps\n  - night\n---\n".self::BODY;
        $parts = ScriptParts::of($file);
        self::assertCount(1, $parts);
        $source = FrontMatter::read("{$parts[0]['head']}\n\n{$parts[0]['text']}");

        self::assertSame(['What if a lamp burned for nobody?', 'One light, and no ships.'], $source->hooks);
        self::assertSame(['The lamp', 'lamps, night', self::BODY], [$source->title, $source->tags, $source->text]);
    }

    public function test_several_scripts_of_one_file_have_each_its_own(): void
    {
        $parts = ScriptParts::of(
            "---\ntitle: A\nhooks:\n- One?\n- Two!\n---\nThe lamp went out.\n---\n---\ntitle: B\n---\nNobody came.",
        );
        self::assertSame([['One?', 'Two!'], []], array_map(
            static fn (array $part): array => FrontMatter::read("{$part['head']}\n\n{$part['text']}")->hooks, $parts,
        ));
    }

    #[TestWith(["The lamp went out.\n- Nobody came."])]
    #[TestWith(["She said: three things\n- bread\n- oil"])]
    #[TestWith(["title: The lamp\n\nhooks of iron:\n- one\n- two"])]
    #[TestWith([''])]
    public function test_what_is_no_list_of_a_head_is_left(string $text): void
    {
        self::assertSame($text, HeadLists::spelledOut($text));
    }
}
