<?php

declare(strict_types=1);

namespace Tests\Core\Captions;

use PHPUnit\Framework\TestCase;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cueing\CueBreaker;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Marks\CueMark;
use RapidReel\Captions\Marks\WordMark;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Captions\Typesetting\BreakCosts;
use RapidReel\Captions\Typesetting\Joints;
use RapidReel\Voice\Speech\WordTiming;
use Tests\Support\Cuts;

/** Which words stand together. Where nothing else is said: common practice, no published source. */
final class CueBreakerTest extends TestCase
{
    /** @return list<string> */
    private static function texts(string $said, CaptionStyle $style, string $language = 'en'): array
    {
        return array_map(
            static fn (Cue $cue): string => $cue->text(),
            Cuts::cues($said, $style, language: $language),
        );
    }

    /** F. Karamitroglou, "A Proposed Set of Subtitling Standards in Europe" (1998): breaks at the highest nodes. */
    public function test_breaks_stand_at_punctuation_and_before_joining_words_and_never_part_what_is_one(): void
    {
        $long = CaptionStyle::of(words: 6, letters: 32);
        self::assertSame(
            ['For eleven years,', 'one lighthouse guided no ships', 'at all.'],
            self::texts('For eleven years, one lighthouse guided no ships at all.', $long),
        );
        self::assertSame(
            ['She lit the lamp', 'and the harbour answered her', 'before the storm.'],
            self::texts('She lit the lamp and the harbour answered her before the storm.', $long),
        );
        $parted = [
            'The old light of Saint Brannock burned for nine winters.' => ['Saint|Brannock', 'for|nine'],
            'It cost them 1,200 crowns to build the tower again.' => ['1,200|crowns', 'the|tower'],
            'A letter came from Orla Venn in the spring.' => ['Orla|Venn', 'the|spring', 'A|letter'],
        ];
        foreach ($parted as $said => $pairs) {
            $shown = implode('|', self::texts($said, CaptionStyle::of(words: 4, letters: 24)));
            foreach ($pairs as $pair) {
                self::assertStringNotContainsString($pair, $shown);
            }
        }
        self::assertSame(
            ['Der Wärter zündete', 'die Lampe an,', 'weil der Nebel kam.'],
            self::texts('Der Wärter zündete die Lampe an, weil der Nebel kam.', CaptionStyle::of(
                words: 5, letters: 22,
            ), 'de'),
        );
    }

    public function test_no_lone_short_word_is_left_over(): void
    {
        foreach ([
            'The keeper saw the ship and it was on the rocks by then.',
            'They rowed to the reef in the dark and he was not there at all.',
        ] as $said) {
            foreach (self::texts($said, CaptionStyle::of(words: 4, letters: 20)) as $text) {
                self::assertGreaterThan(3, mb_strlen($text), "“{$text}” of “{$said}”");
            }
        }
    }

    public function test_the_least_cost_over_the_whole_is_what_no_other_way_undercuts(): void
    {
        $style = CaptionStyle::of(words: 4, letters: 20);
        $breaker = new CueBreaker($style, new BreakCosts(Joints::of('en')));
        $words = Cuts::take('Nobody knew who rang the bell, but it rang all night.')->words;
        $found = $breaker->cues($words);

        self::assertSame([0, count($words)], [$found[0][0], $found[count($found) - 1][1]]);
        foreach ($found as $i => [$from, $until]) {
            self::assertSame($from, $i === 0 ? 0 : $found[$i - 1][1]);
            self::assertLessThanOrEqual(4, $until - $from);
        }
        self::assertSame([[0, 2], [2, 6], [6, 9], [9, 11]], $found);
    }

    public function test_no_word_is_lost_and_none_is_twice(): void
    {
        $said = 'Donaudampfschifffahrtsgesellschaftskapitän is a word, and so is this — one more: yes!';

        self::assertSame($said, implode(' ', self::texts($said, new CaptionStyle)));
    }

    public function test_a_cue_stays_through_a_short_pause_and_goes_in_a_long_one_but_not_at_once(): void
    {
        $words = [
            new WordTiming('one,', 0, 300), new WordTiming('two.', 500, 800), new WordTiming('three', 2_000, 2_100),
        ];
        $times = static fn (CaptionStyle $style): array => array_map(
            static fn (Cue $cue): array => [$cue->startMs, $cue->endMs],
            Cuts::cues($words, $style, endMs: 2_900),
        );
        self::assertSame([[0, 500], [500, 1_100], [2_000, 2_400]], $times(CaptionStyle::of(letters: 8)));
        self::assertSame(
            [[0, 500], [500, 1_400], [2_000, 2_900]],
            $times(CaptionStyle::of(letters: 8, hold: 250, shortest: 900)),
        );
    }

    public function test_what_an_operator_made_stands_and_the_rest_is_grouped_around_it(): void
    {
        $said = 'The keeper of the tower wrote down every light he saw';
        $marks = new CaptionMarks([
            new CueMark(1, 4, 'keeper, tower', [1, 1], from: -3, until: 2),
            new CueMark(9, 2),
        ]);
        $cues = Cuts::cues($said, CaptionStyle::of(words: 3, letters: 18), $marks);
        $texts = array_map(static fn (Cue $cue): string => $cue->text(), $cues);

        self::assertSame(['The', 'keeper, tower', 'wrote down', 'every light', 'he saw'], $texts);
        self::assertSame([1, 4, true], [$cues[1]->from->word, $cues[1]->from->count, $cues[1]->from->isLocked]);
        self::assertSame([1, 1], $cues[1]->setting->lines);
        // The word begins at 320 ms: three frames earlier at 30 a second, and the one before it gives way.
        self::assertEqualsWithDelta(220, $cues[1]->startMs, 17);
        self::assertSame($cues[1]->startMs, $cues[0]->endMs);
        self::assertFalse($cues[0]->from->isLocked);
    }

    public function test_words_stand_out_by_rule_or_by_hand(): void
    {
        $standing = static function (string $rule, CaptionMarks $marks = new CaptionMarks): array {
            $style = CaptionStyle::of(words: 8, letters: 60, emphasis: $rule);
            $out = [];
            foreach (Cuts::cues('In 1884 Captain Venn saw the extraordinary lamp.', $style, $marks) as $cue) {
                foreach ($cue->words as $word) {
                    $out = [...$out, ...($word->stands ? [$word->text] : [])];
                }
            }

            return $out;
        };
        self::assertSame([], $standing('none'));
        self::assertSame(['1884'], $standing('numbers'));
        self::assertSame(['Captain', 'Venn'], $standing('names'));
        self::assertSame(['extraordinary'], $standing('rarest'));
        self::assertSame(['Captain', 'Venn', 'lamp.'], $standing('both', new CaptionMarks(words: [
            new WordMark(1, false), new WordMark(7, true),
        ])));
    }
}
