<?php

declare(strict_types=1);

namespace Tests\Core\Text\Script;

use PHPUnit\Framework\TestCase;
use RapidReel\Text\Script\Leaning;
use RapidReel\Text\Script\LengthTrimmer;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;

/** Sentences that others lean on stay with them. */
final class LeaningTest extends TestCase
{
    private const STORY = [
        'For thirty years one lamp burned for nobody.', 'Anna Brandt kept it.', 'The lamp burned every year for the '
            .'ships.',
        'She never slept a whole night.', 'A gull sat on the rail.', 'The ships saw the lamp burn.',
        'Follow for the next lamp.',
    ];

    public function test_whoever_is_told_by_a_pronoun_needs_the_one_who_is_named(): void
    {
        $leaning = Leaning::of(self::STORY);
        self::assertSame([1], $leaning->missed([1]));
        self::assertSame([1], $leaning->missed([1, 4]));
        self::assertSame([], $leaning->missed([1, 3]), 'nobody asks for her any more');
        self::assertSame([], $leaning->missed([3]));
        self::assertSame([], $leaning->missed([4]));
    }

    public function test_another_one_that_names_the_same_will_do(): void
    {
        $leaning = Leaning::of([
            'The keeper lit the lamp.', 'It rained.', 'The old keeper went down.', 'He wrote one line.',
        ]);
        self::assertSame([], $leaning->missed([2]));
        self::assertSame([2], $leaning->missed([0, 2]));
    }

    public function test_a_man_is_no_she_and_what_is_named_in_the_sentence_needs_nobody(): void
    {
        $leaning = Leaning::of([
            'The widow kept the light.', 'Her son rowed out.', 'She waited.', 'The keeper lost his lamp.',
        ]);
        self::assertSame([0], $leaning->missed([0]));
        self::assertSame([], $leaning->missed([1]));
        self::assertSame([], Leaning::of(['A gull came.', 'The keeper lost his lamp.'])->missed([0]));
    }

    public function test_other_languages_have_words_of_their_own_and_those_that_are_not_known_need_nothing(): void
    {
        self::assertSame([0], Leaning::of(['Der Wärter stieg auf den Turm.', 'Er schlief nie.'], 'de')->missed([0]));
        self::assertSame([0], Leaning::of(['La gardienne monta.', 'Elle ne dormait jamais.'], 'fr')->missed([0]));
        self::assertSame([], Leaning::of(['Majakanvartija nousi.', 'Hän ei nukkunut.'], 'fi')->missed([0]));
    }

    public function test_a_text_that_is_too_long_loses_others_first(): void
    {
        $scenes = array_map(
            static fn (string $text, int $i): Scene => new Scene(
                $i === 0 ? SceneRole::Hook : SceneRole::Beat, $text,
            ),
            self::STORY,
            array_keys(self::STORY),
        );
        $words = static fn (array $left): int => 1_000 * array_sum(array_map(
            static fn (Scene $scene): int => substr_count($scene->text, ' ') + 1, $left,
        ));
        for ($seconds = 40; $seconds >= 12; $seconds--) {
            $left = array_map(
                static fn (Scene $scene): string => $scene->text,
                (new LengthTrimmer)->plan($scenes, 1_000 * $seconds, $words)->scenes,
            );
            self::assertFalse(
                in_array(self::STORY[3], $left, true) && ! in_array(self::STORY[1], $left, true), "$seconds s",
            );
        }
    }
}
