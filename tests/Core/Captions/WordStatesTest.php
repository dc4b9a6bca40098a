<?php

declare(strict_types=1);

namespace Tests\Core\Captions;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\FrameGrid;
use RapidReel\Captions\Drawing\Drawn;
use RapidReel\Captions\Drawing\WordStates;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Voice\Speech\WordTiming;
use Tests\Support\Cuts;

/** What is seen of a caption from frame to frame. */
final class WordStatesTest extends TestCase
{
    /** @return list<Drawn> */
    private static function states(CaptionStyle $style): array
    {
        $cues = Cuts::cues([
            new WordTiming('nine', 1_000, 1_300), new WordTiming('boats', 1_500, 1_900),
        ], $style, endMs: 2_000);

        return WordStates::of($cues[0], new FrameGrid(30), 0);
    }

    /** @return array<string, list<array{int, int}>> when each text is seen */
    private static function seen(CaptionStyle $style): array
    {
        $seen = [];
        foreach (self::states($style) as $drawn) {
            $seen[$drawn->piece->text ?? 'plate'][] = [$drawn->from, $drawn->until];
        }

        return $seen;
    }

    /** @return list<array{int, int}> runs that follow on each other as one */
    private static function whole(array $times): array
    {
        $whole = [];
        foreach ($times as [$from, $until]) {
            $last = count($whole) - 1;
            if ($last >= 0 && $whole[$last][1] === $from) {
                $whole[$last][1] = $until;
            } else {
                $whole[] = [$from, $until];
            }
        }

        return $whole;
    }

    public function test_a_word_has_the_colour_of_the_spoken_in_just_the_frames_in_which_it_is_said(): void
    {
        $marked = array_filter(
            self::states(new CaptionStyle),
            static fn (Drawn $drawn): bool => $drawn->look->colour === 'FFC247',
        );

        self::assertSame(
            [['NINE', 30, 39], ['BOATS', 45, 57]],
            array_values(array_map(
                static fn (Drawn $drawn): array => [$drawn->piece?->text, $drawn->from, $drawn->until],
                $marked,
            )),
        );
    }

    public function test_words_come_all_at_once_one_at_a_time_or_one_after_the_other(): void
    {
        $whole = self::seen(CaptionStyle::of(spokenColour: 'FFFFFF'));
        self::assertSame([[30, 60]], self::whole($whole['NINE']));
        self::assertSame([[30, 60]], self::whole($whole['BOATS']));

        $single = self::seen(CaptionStyle::of(appear: 'single'));
        self::assertSame([[30, 45]], self::whole($single['NINE']));
        self::assertSame([[45, 60]], self::whole($single['BOATS']));

        $growing = self::seen(CaptionStyle::of(appear: 'growing'));
        self::assertSame([[30, 60]], self::whole($growing['NINE']));
        self::assertSame([[45, 60]], self::whole($growing['BOATS']));
    }

    public function test_typed_words_come_letter_by_letter_and_are_whole_when_they_are_said(): void
    {
        $letters = [];
        foreach (self::states(CaptionStyle::of(appear: 'typed')) as $drawn) {
            if ($drawn->piece?->text === 'BOATS') {
                for ($frame = $drawn->from; $frame < $drawn->until; $frame++) {
                    $letters[$frame] = $drawn->letters ?? 5;
                }
            }
        }

        self::assertSame(45, array_key_first($letters));
        self::assertSame([1, 1, 2, 2], array_slice(array_values($letters), 0, 4));
        self::assertSame(5, $letters[56]);
        $sorted = $letters;
        sort($sorted);
        self::assertSame($sorted, array_values($letters), 'none goes again');
    }

    public function test_what_moves_comes_to_rest_where_it_is_set(): void
    {
        foreach (['pop', 'bounce', 'slide'] as $appear) {
            $states = self::states(CaptionStyle::of(appear: $appear, appearMs: 300, spokenColour: 'FFFFFF'));
            $first = $states[0];
            $last = array_values(array_filter(
                $states,
                static fn (Drawn $drawn): bool => $drawn->piece === $first->piece && $drawn->until === 60,
            ))[0];
            self::assertNotEquals(
                [$first->look->x, $first->look->y, $first->look->scale, $first->look->clear],
                [$last->look->x, $last->look->y, $last->look->scale, $last->look->clear],
            );
            self::assertSame([$last->piece?->box->x, $last->piece?->box->y, 1.0, 0], [
                $last->look->x, $last->look->y, $last->look->scale, $last->look->clear,
            ]);
            self::assertSame(39, $last->from, "$appear ends after 9 frames");
        }
    }

    public function test_plates_stand_behind_all_words_or_follow_the_spoken_one(): void
    {
        $plates = static fn (string $plate): array => array_values(array_filter(
            self::states(CaptionStyle::of(plate: $plate)),
            static fn (Drawn $drawn): bool => $drawn->plate !== null,
        ));
        [$all] = $plates('words');
        self::assertSame([30, 60], [$all->from, $all->until]);
        [$one, $other] = $plates('spoken');
        self::assertSame([[30, 39], [45, 57]], [[$one->from, $one->until], [$other->from, $other->until]]);
        self::assertLessThan($other->plate[0] ?? 0, $one->plate[0] ?? 0);
        self::assertSame([], $plates('none'));
    }

    public function test_a_word_too_short_for_a_frame_still_gets_one(): void
    {
        $cues = Cuts::cues([new WordTiming('a', 0, 4), new WordTiming('b', 4, 400)]);
        $marked = array_filter(
            WordStates::of($cues[0], new FrameGrid(30), 0),
            static fn (Drawn $drawn): bool => $drawn->isSpoken,
        );

        self::assertSame([[0, 1], [1, 12]], array_values(array_map(
            static fn (Drawn $drawn): array => [$drawn->from, $drawn->until],
            $marked,
        )));
    }
}
