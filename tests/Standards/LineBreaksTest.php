<?php

declare(strict_types=1);

namespace Tests\Standards;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Language\ScriptWord;

/**
 * Where captions may be broken in languages without blanks, by rules of UAX #14 (Unicode Line Breaking Algorithm):
 * LB13, no break before marks that close; LB14, none after marks that open; LB9, none before marks that combine. The
 * Japanese ones are those of JIS X 4051 that a line does not begin, or end, with.
 */
final class LineBreaksTest extends TestCase
{
    private const TEXTS = [
        '「灯りは消さない」と、彼女は（日記に）書いた。本当だろうか？',
        '她说：“我没有让它停下！”然后（在日志里）写下了这句话。',
        'เธอเขียนว่า “ฉันไม่ให้มันหยุด” ในสมุดบันทึก!',
    ];

    public function test_no_word_begins_with_what_closes_or_ends_with_what_opens(): void
    {
        foreach (self::TEXTS as $text) {
            $words = array_column(ScriptWord::of($text), 'text');
            self::assertGreaterThan(5, count($words), $text);
            foreach ($words as $word) {
                self::assertDoesNotMatchRegularExpression('/^[\p{Pe}\p{Pf}、。，．！？：；!?]/u', $word, $text);
                self::assertDoesNotMatchRegularExpression('/[\p{Ps}\p{Pi}]$/u', $word, $text);
                self::assertDoesNotMatchRegularExpression('/^\p{M}/u', $word, $text);
            }
        }
    }
}
