<?php

declare(strict_types=1);

namespace Tests\Core\Text\Translation;

use PHPUnit\Framework\TestCase;
use RapidReel\Text\Translation\Glossary;
use RapidReel\Text\Translation\PhraseBook;

/** A phrase book says what it knows, and which words it does not. */
final class PhraseBookTest extends TestCase
{
    private static function book(string $language = 'de'): PhraseBook
    {
        return PhraseBook::of($language, "The lamp is lit.\n= Die Lampe brennt.\n\nthe = die\nlamp = Lampe\n"
            ."foghorn = Nebelhorn\nold lamp = alte Lampe\nnot a line\nwho = من\n");
    }

    public function test_sentences_are_known_whole_however_they_are_marked(): void
    {
        self::assertSame(['Die Lampe brennt.', []], self::book()->say('“The lamp is lit!”'));
    }

    public function test_others_are_said_word_by_word_the_longest_phrase_first_and_unknown_words_are_told(): void
    {
        self::assertSame(
            ['Die alte Lampe, Josse: 206 steps.', ['Josse', 'steps']],
            self::book()->say('The old lamp, Josse: 206 steps.'),
        );
        self::assertSame('من؟', self::book('ar')->say('Who?')[0]);
    }

    public function test_it_is_held_to_a_glossary(): void
    {
        $glossary = Glossary::of("lamp = Leuchte\nCalder Ness");

        self::assertSame(['Die Leuchte Calder Ness', []], self::book()->say('The lamp Calder Ness', $glossary));
    }
}
