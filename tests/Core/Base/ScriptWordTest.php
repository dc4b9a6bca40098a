<?php

declare(strict_types=1);

namespace Tests\Core\Base;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Language\ScriptWord;

/** Signs that stand apart go with the word that they belong to, as French, German and Spanish write them. */
final class ScriptWordTest extends TestCase
{
    /** @param  list<string>  $words */
    #[TestWith(['La lampe brûlait ! Qui ?', ['La', 'lampe', 'brûlait !', 'Qui ?']])]
    #[TestWith(['Qui ? « Rien », dit-il ; « rien ! »', ['Qui ?', '« Rien »,', 'dit-il ;', '« rien ! »']])]
    #[TestWith(['« Rien », dit-il.', ['« Rien »,', 'dit-il.']])]
    #[TestWith(['„Nein“, sagte er – und ging.', ['„Nein“,', 'sagte', 'er –', 'und', 'ging.']])]
    #[TestWith(['¿Quién? ¡ No !', ['¿Quién?', '¡ No !']])]
    #[TestWith(['— Non, Tom & Ada', ['— Non,', 'Tom &', 'Ada']])]
    #[TestWith(['gone («', ['gone («']])]
    #[TestWith(['… !', []])]
    public function test_a_sign_that_stands_apart_goes_with_its_word(string $text, array $words): void
    {
        $found = ScriptWord::of($text);

        self::assertSame($words, array_column($found, 'text'));
        foreach ($found as $word) {
            self::assertSame($word->text, mb_substr($text, $word->offset, $word->length));
        }
    }
}
