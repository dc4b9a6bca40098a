<?php

declare(strict_types=1);

namespace Tests\Core\Captions;

use PHPUnit\Framework\TestCase;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cueing\EmojiBook;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Marks\WordMark;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Voice\Speech\WordTiming;
use Tests\Support\Cuts;

final class EmojiBookTest extends TestCase
{
    private static function book(): EmojiBook
    {
        return new EmojiBook(['bell' => '🔔', 'ship' => '🚢', 'lamp' => '🪔', 'berry' => '🫐', 'the' => '❌'], 'en');
    }

    /** @return list<string> */
    private static function shown(string $said, CaptionMarks $marks = new CaptionMarks, int $every = 1): array
    {
        $words = [];
        foreach (explode(' ', $said) as $i => $word) {
            $words[] = new WordTiming($word, $i * 1_000, $i * 1_000 + 900);
        }
        $style = CaptionStyle::of(emoji: 'on', emojiEvery: $every);
        $shown = [];
        foreach (Cuts::cues($words, $style, $marks, emoji: self::book()) as $cue) {
            foreach ($cue->words as $word) {
                $shown = [...$shown, ...($word->emoji === '' ? [] : ["{$word->text} {$word->emoji}"])];
            }
        }

        return $shown;
    }

    public function test_a_word_has_its_emoji_in_the_plural_too_and_small_words_have_none(): void
    {
        self::assertSame('🔔', self::book()->of('Bells,'));
        self::assertSame('🫐', self::book()->of('berries'));
        self::assertSame('', self::book()->of('the'));
        self::assertSame('', self::book()->of('harbour'));
    }

    public function test_one_comes_every_few_seconds_at_most(): void
    {
        self::assertSame(['bell 🔔', 'ship 🚢', 'lamp 🪔'], self::shown('bell and ship and lamp'));
        self::assertSame(['bell 🔔', 'lamp 🪔'], self::shown('bell and ship and lamp', every: 3));
    }

    public function test_where_somebody_dies_or_mourns_there_is_none(): void
    {
        $grave = ['The ship went down and nine men drowned', 'A bell for the dead', 'His widow kept the lamp'];
        foreach ($grave as $said) {
            self::assertSame([], self::shown($said), $said);
        }
        $others = ['de' => 'Der Kapitän ertrank', 'fr' => 'Il est mort', 'es' => 'Nadie lloró', 'pt' => 'a viúva'];
        foreach ($others as $of => $said) {
            self::assertTrue((new EmojiBook([], $of))->isGrave($said), $said);
        }
        self::assertFalse(self::book()->isGrave('The deadline of the diet'));
    }

    public function test_each_is_taken_away_or_put_by_hand(): void
    {
        $without = new CaptionMarks(words: [new WordMark(2, null, '')]);
        self::assertSame(['bell 🔔'], self::shown('bell and ship', $without));
        $with = new CaptionMarks(words: [new WordMark(1, null, '🎉')]);
        self::assertSame(['and 🎉'], self::shown('widow and ship', $with));
    }

    public function test_an_emoji_is_a_letter_of_its_own_and_no_word_of_the_file(): void
    {
        $cue = Cuts::cues('the bell', CaptionStyle::of(emoji: 'on'), emoji: self::book())[0];
        self::assertInstanceOf(Cue::class, $cue);
        self::assertSame('the bell', $cue->timed()->line());
    }
}
