<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sentences;

/** What the application says, in one place to be proofread (lang/en), and in words that its users use. */
final class SentencesTest extends TestCase
{
    /** What somebody else would say otherwise, and how. */
    private const OTHERWISE = [
        '/\b(take|took|taken|takes) (it |one |all |\w+ )?away\b/i' => 'delete',
        '/\bbring (that|the file)\b|\bwas brought\b|\bbrought (in|files?|recordings?)\b/i' => 'upload',
        '/\bload the page again\b/i' => 'reload the page',
        '/\bthe usual\b(?! ones)/i' => 'default',
        '/\banew\b/i' => 'again',
        '/(?<!there )\b(is|are) no (\w+ )?(file|picture|video|number|table|JSON|SVG|PNG|emoji)\b/i' => 'is not a …',
        '/\bstands? on (a|no) day\b/i' => 'scheduled',
    ];

    /** Slips of whoever typed it. */
    private const SLIPS = '/\s[.,;:!](?!\w| )|\b(a) [aeio]\w+|\b(\w{2,}) \2\b|[.]{2,}|\s\s|[“][^”]*$(?<!…)|\'s\b/u';

    public function test_the_list_holds_what_is_said(): void
    {
        $root = dirname(__DIR__, 2);
        $listed = [];
        foreach (glob("$root/lang/en/*.txt") ?: [] as $file) {
            $listed[basename($file)] = file_get_contents($file);
        }

        self::assertSame(
            Sentences::files($root), $listed, 'What is said was changed: run bin/sentences, and read what it changes.',
        );
    }

    public function test_it_is_said_in_common_words_without_slips(): void
    {
        $wrong = [];
        $count = 0;
        foreach (Sentences::all(dirname(__DIR__, 2)) as $files) {
            foreach ($files as $file => $sentences) {
                foreach ($sentences as $sentence) {
                    $count++;
                    foreach (self::OTHERWISE as $pattern => $better) {
                        if (preg_match($pattern, $sentence) === 1) {
                            $wrong[] = "$file: “{$sentence}” → $better";
                        }
                    }
                    if (preg_match(self::SLIPS, $sentence, $slip) === 1) {
                        $wrong[] = "$file: “{$sentence}”: {$slip[0]}";
                    }
                }
            }
        }

        self::assertSame([], $wrong);
        self::assertGreaterThan(1500, $count);
    }
}
