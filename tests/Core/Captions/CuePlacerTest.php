<?php

declare(strict_types=1);

namespace Tests\Core\Captions;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Subtitle\TimedCue;
use RapidReel\Captions\Import\CuePlacer;
use RapidReel\Captions\Import\PlacedCue;

/** Captions of a file at the words of a short that they belong to. */
final class CuePlacerTest extends TestCase
{
    /**
     * @param  list<string>  $scenes
     * @param  list<string>  $cues
     * @return list<array{int, int, int, int, string|null}> caption, scene, first word, how many, other words
     */
    private static function placed(array $scenes, array $cues): array
    {
        $said = [];
        foreach ($scenes as $scene => $text) {
            foreach (explode(' ', $text) as $word => $one) {
                $said[] = [$one, $scene, $word];
            }
        }
        $timed = array_map(
            static fn (string $text, int $i): TimedCue => new TimedCue(1_000 * $i, 1_000 * $i + 900, $text),
            $cues,
            array_keys($cues),
        );

        return array_map(
            static fn (PlacedCue $one): array => [$one->cue, $one->scene, $one->word, $one->count, $one->text],
            CuePlacer::place($timed, $said),
        );
    }

    public function test_what_is_said_is_found_whatever_its_signs_and_capitals(): void
    {
        self::assertSame(
            [[0, 0, 0, 3, 'THE LAMP WENT'], [1, 0, 3, 2, 'out tonight']],
            self::placed(['The lamp went out tonight.'], ['THE LAMP WENT', 'out tonight']),
        );
        self::assertSame([[0, 0, 0, 5, null]], self::placed(
            ['The lamp went out tonight.'], ['The lamp went out tonight.'],
        ));
    }

    public function test_other_words_stand_for_those_in_their_place(): void
    {
        self::assertSame(
            [[0, 0, 0, 2, null], [1, 0, 2, 3, 'was lit up']],
            array_slice(self::placed(
                ['The lamp went dark up there at nine'],
                ['The lamp', 'was lit up', 'at nine'],
            ), 0, 2),
        );
    }

    public function test_a_caption_over_two_scenes_is_two_and_one_that_says_nothing_here_is_left_out(): void
    {
        self::assertSame(
            [[0, 0, 1, 2, null], [0, 1, 0, 1, null], [2, 1, 1, 1, null]],
            self::placed(['The lamp burned.', 'Nobody came.'], ['lamp burned. Nobody', '[music]', 'came.']),
        );
        self::assertSame([], self::placed(['The lamp burned.'], ['Quite another story']));
        self::assertSame([], self::placed([], ['x']) === [] ? [] : ['found']);
    }
}
