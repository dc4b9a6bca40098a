<?php

declare(strict_types=1);

namespace Tests\Core\Text\Script;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Marks\CardMark;
use RapidReel\Captions\Marks\CueMark;
use RapidReel\Captions\Marks\WordMark;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Script\SceneRole;

/** What an operator made of captions stays with its words. */
final class CaptionMarksTest extends TestCase
{
    private static function marks(): CaptionMarks
    {
        return new CaptionMarks(
            [new CueMark(0, 2), new CueMark(3, 4, 'four others here now', [2, 2], -2, 3)],
            [new WordMark(1, true), new WordMark(5, null, '🔔'), new WordMark(6)],
        );
    }

    public function test_of_captions_that_share_a_word_one_stands_and_what_says_nothing_is_not_kept(): void
    {
        $marks = new CaptionMarks([new CueMark(2, 3), new CueMark(0, 3), new CueMark(5, 1)]);
        self::assertSame([[0, 3], [5, 1]], array_map(
            static fn (CueMark $cue): array => [$cue->word, $cue->count],
            $marks->cues,
        ));
        self::assertSame([1, 5], array_keys(self::marks()->words));
        self::assertNull($marks->over(4));
        self::assertSame(0, $marks->over(2)?->word);
        self::assertSame([[1, 2], [5, 1]], array_map(
            static fn (CueMark $cue): array => [$cue->word, $cue->count],
            $marks->with(new CueMark(1, 2))->cues,
        ));
        self::assertCount(1, $marks->without(0, 2)->cues);
    }

    public function test_it_is_read_again_as_it_was_written_and_errors_in_it_are_passed_over(): void
    {
        self::assertEquals(self::marks(), CaptionMarks::fromJson(self::marks()->toJson()));
        self::assertSame('', (new CaptionMarks)->toJson());
        foreach (['', null, 'x', '[]', '{"cues":[[0,0,null,[],0,0],["a"]]}'] as $json) {
            self::assertTrue(CaptionMarks::fromJson($json)->isEmpty());
        }
        $this->expectException(InvalidArgumentException::class);
        new CueMark(0, 1, null, [], 31);
    }

    public function test_words_that_go_take_their_share_of_a_caption(): void
    {
        // The words 3 and 4 are gone: half of it is left, and so are its words.
        $left = self::marks()->replaced([0 => 0, 1 => 1, 2 => 2, 5 => 3, 6 => 4], 5);
        self::assertSame([[0, 2, null], [3, 2, 'four others here now']], array_map(
            static fn (CueMark $cue): array => [$cue->word, $cue->count, $cue->text],
            $left->cues,
        ));
        self::assertSame('🔔', $left->word(3)->emoji);
        $less = self::marks()->replaced([6 => 0], 1);
        self::assertSame([[0, 1, null]], array_map(
            static fn (CueMark $cue): array => [$cue->word, $cue->count, $cue->text],
            $less->cues,
        ));
        self::assertTrue(self::marks()->replaced([], 3)->isEmpty());
    }

    public function test_what_was_put_at_a_word_goes_on_with_the_next_where_that_is_gone(): void
    {
        $marks = new CaptionMarks(
            [],
            [new WordMark(1, true, '🔔', 'bell', -80), new WordMark(2, false), new WordMark(4, sound: 'hit')],
            [new CardMark(1, 'ring'), new CardMark(4, text: 'Nobody')],
        );
        $left = $marks->replaced([0 => 0, 2 => 2, 3 => 3], 4);

        self::assertEquals([new WordMark(2, false, null, 'bell', -80), new WordMark(3, sound: 'hit')],
            array_values($left->words));
        self::assertEquals([new CardMark(2, 'ring'), new CardMark(3, text: 'Nobody')], $left->cards);
        $other = $marks->replaced([], 2);
        self::assertSame([1, 1], array_map(static fn (CardMark $card): int => $card->word, $other->cards));
        self::assertSame('bell', $other->word(1)->sound, 'of two the first');
    }

    public function test_a_caption_is_parted_with_its_scene_and_both_are_joined_again(): void
    {
        [$first, $second] = self::marks()->parted(5);
        $cue = $first->cues[1];
        self::assertSame(['four others', -2, 0], [$cue->text, $cue->from, $cue->until]);
        self::assertSame([0, 2, 'here now', 0, 3], [
            $second->cues[0]->word, $second->cues[0]->count, $second->cues[0]->text, $second->cues[0]->from,
            $second->cues[0]->until,
        ]);
        self::assertSame('🔔', $second->word(0)->emoji);
        $joined = $first->joined($second, 5);
        self::assertSame([[0, 2], [3, 2], [5, 2]], array_map(
            static fn (CueMark $cue): array => [$cue->word, $cue->count],
            $joined->cues,
        ));
        self::assertEquals(self::marks()->words, $joined->words);
    }

    public function test_a_scene_that_is_reworded_keeps_what_was_made_for_the_words_it_keeps(): void
    {
        $scene = (new Scene(SceneRole::Beat, 'The lamp went out at nine.'))->with(
            new SceneOwn(captions: new CaptionMarks([new CueMark(2, 2, 'GONE')], [new WordMark(5, true)])),
        );
        $said = $scene->saying('Then the lamp went out at half past nine.');

        [$cue] = $said->own->captions->cues;
        self::assertSame([3, 2, 'GONE'], [$cue->word, $cue->count, $cue->text]);
        self::assertTrue($said->own->captions->word(8)->emphasis);
    }
}
