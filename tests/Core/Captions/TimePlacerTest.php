<?php

declare(strict_types=1);

namespace Tests\Core\Captions;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Subtitle\TimedCue;
use RapidReel\Captions\Import\PlacedCue;
use RapidReel\Captions\Import\TimePlacer;

/** Captions that stand at their own times and may say anything. */
final class TimePlacerTest extends TestCase
{
    /**
     * @param  list<int>  $scenes  words of each; every word takes 400 ms, and 1 s passes between scenes
     * @param  list<array{int, int, string}>  $cues
     * @return list<array{int, int, int, int, string|null}> caption, scene, first word, how many, what it shows
     */
    private static function placed(array $scenes, array $cues): array
    {
        $said = [];
        $at = 0;
        foreach ($scenes as $scene => $words) {
            for ($word = 0; $word < $words; $word++) {
                $said[] = [$scene, $word, $at, $at += 400];
            }
            $at += 1_000;
        }
        $timed = array_map(static fn (array $cue): TimedCue => new TimedCue(...$cue), $cues);

        return array_map(
            static fn (PlacedCue $one): array => [$one->cue, $one->scene, $one->word, $one->count, $one->text],
            TimePlacer::place($timed, $said),
        );
    }

    public function test_a_translation_stands_over_what_is_said_at_its_times(): void
    {
        self::assertSame(
            [[0, 0, 0, 5, 'Die Lampe ging aus'], [1, 0, 5, 3, 'und niemand kam']],
            self::placed([8], [[0, 2_000, "Die Lampe\nging aus"], [2_000, 3_200, 'und niemand kam']]),
        );
    }

    public function test_what_is_shown_over_two_scenes_is_parted_between_them(): void
    {
        $placed = self::placed([4, 4], [[0, 4_600, 'eins zwei drei vier fünf sechs']]);

        self::assertSame([[0, 0, 0, 4, 'eins zwei drei'], [0, 1, 0, 4, 'vier fünf sechs']], $placed);
    }

    public function test_one_in_a_pause_stands_over_the_nearest_word_that_has_none(): void
    {
        // It stands 200 ms after the last word of its scene, and the other half a minute after all of them.
        self::assertSame(
            [[0, 0, 0, 3, 'drei Worte'], [1, 0, 3, 1, '(Glocke)'], [2, 1, 0, 2, 'und weiter']],
            self::placed([4, 2], [
                [0, 1_200, 'drei Worte'], [1_800, 2_200, '(Glocke)'], [2_600, 3_400, 'und weiter'],
                [33_000, 34_000, 'zu spät'],
            ]),
        );
    }

    public function test_words_that_no_caption_is_shown_at_keep_their_own(): void
    {
        self::assertSame([[0, 0, 2, 2, 'nur hier']], self::placed([6], [[800, 1_600, 'nur hier']]));
        self::assertSame([], self::placed([6], [[60_000, 61_000, 'weit weg']]));
        self::assertSame([], self::placed([], [[0, 1_000, 'nichts']]));
    }
}
