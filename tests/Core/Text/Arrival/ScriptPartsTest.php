<?php

declare(strict_types=1);

namespace Tests\Core\Text\Arrival;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Plan\Source\ScriptParts;

/** Where one script ends and the next begins. */
final class ScriptPartsTest extends TestCase
{
    /** @return array<string, array{string, list<string>}> text, and the first words of its scripts */
    public static function texts(): array
    {
        return [
            'two scripts' => ["The lamp went out.\n\n---\n\nNobody came.", ['The lamp', 'Nobody']],
            'a rule without blank lines' => ["The lamp went out.\n---\nNobody came.", ['The lamp', 'Nobody']],
            'underlined labels' => ["HOOK\n----\nThe lamp went out.\n\nBODY\n----\nNobody came.", ['HOOK']],
            'talk before and after' => [
                "Here's a 30-second script for you:\n\n---\n\nThe lamp went out.\n\n---\n\n"
                    .'Let me know if you want changes to the script!',
                ["Here's a"],
            ],
            'talk and two scripts' => [
                "Here are two short scripts, as requested:\n\n---\n\nThe lamp went out.\n\n---\n\nNobody came.",
                ['Here are', 'Nobody'],
            ],
            'a tale that offers something' => [
                "The lamp went out.\n\n---\n\nWould you like to know why? It was asleep.",
                ['The lamp', 'Would you'],
            ],
            'a head of keys of its own' => ["---\nslug: lamp\nmood: dark\n---\nThe lamp went out.", ['---']],
            'a rule within a code fence' => ["Here:\n```\nThe lamp went out.\n---\nNobody came.\n```", ['Here']],
            'a fence that is never closed' => [
                "The lamp went out.\n\n---\n\nNobody came.\n```",
                ['The lamp', 'Nobody'],
            ],
            'a prose line with a colon' => ["He said one thing: no.\n\n---\n\nNobody came.", ['He said', 'Nobody']],
        ];
    }

    /** @param  list<string>  $begin */
    #[DataProvider('texts')]
    public function test_rules_part_scripts_and_nothing_that_belongs_to_one(string $text, array $begin): void
    {
        $parts = ScriptParts::of($text);

        self::assertCount(count($begin), $parts);
        foreach ($begin as $i => $words) {
            self::assertStringStartsWith($words, $parts[$i]['text']);
        }
    }

    public function test_keys_of_ours_are_read_from_a_head_with_others(): void
    {
        $parts = ScriptParts::of("---\ntitle: The lamp\nslug: lamp\n---\nThe lamp went out.");

        self::assertSame('title: The lamp', $parts[0]['head']);
        self::assertStringContainsString('slug: lamp', $parts[0]['text']);
        self::assertStringEndsWith('The lamp went out.', $parts[0]['text']);
    }
}
