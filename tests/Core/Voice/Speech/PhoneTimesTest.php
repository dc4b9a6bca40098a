<?php

declare(strict_types=1);

namespace Tests\Core\Voice\Speech;

use PHPUnit\Framework\TestCase;
use RapidReel\Voice\Speech\PhoneTimes;

/** Words from the sounds that a synthesiser tells of. */
final class PhoneTimesTest extends TestCase
{
    private const TOLD = "pau:0.2 dh:0.25 ax:0.3 b:0.4 eh:0.5 l:0.6 pau:0.8 \npau:0.1 r:0.2 ae:0.3 ng:0.4 pau:0.5 \n";

    public function test_words_begin_where_their_first_sounds_do_and_sentences_follow_each_other(): void
    {
        $starts = PhoneTimes::starts(self::TOLD, "pau dh ax pau \npau b eh l pau \npau r ae ng pau \n", 3);

        self::assertSame([200, 300, 900], $starts);
    }

    public function test_words_that_sound_otherwise_alone_are_not_guessed(): void
    {
        self::assertNull(PhoneTimes::starts(self::TOLD, "pau dh ax pau \npau b eh pau \npau r ae ng pau \n", 3));
        self::assertNull(PhoneTimes::starts(self::TOLD, "pau dh ax pau \n", 3));
        self::assertNull(PhoneTimes::starts('', '', 2));
    }

    public function test_a_word_is_given_without_what_is_not_said(): void
    {
        self::assertSame(
            ['bell', "it's", '1,911', 'twenty-one', 'a'],
            array_map(PhoneTimes::bare(...), ['“bell,”', 'it’s', '1,911.', 'twenty-one', '—']),
        );
    }
}
