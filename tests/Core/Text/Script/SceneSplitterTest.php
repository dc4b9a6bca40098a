<?php

declare(strict_types=1);

namespace Tests\Core\Text\Script;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Refusal;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Text\Script\SceneSplitter;
use RapidReel\Text\Script\UnusableScript;
use RapidReel\Voice\Speech\SpeechRate;

final class SceneSplitterTest extends TestCase
{
    /** @return list<array{SceneRole, string}> */
    private static function scenes(string $script): array
    {
        return array_map(
            static fn (Scene $scene): array => [$scene->role, $scene->text],
            (new SceneSplitter())->split((new ScriptReader())->read($script)),
        );
    }

    public function test_the_first_scene_is_the_hook_and_a_last_one_that_asks_is_the_close(): void
    {
        self::assertSame([
            [SceneRole::Hook, 'The lamp went out.'],
            [SceneRole::Beat, 'Nobody came.'],
            [SceneRole::Close, 'Follow for more.'],
        ], self::scenes('The lamp went out. Nobody came. Follow for more.'));
        self::assertSame(SceneRole::Close, self::scenes('It rang. Would you have?')[1][0]);
        self::assertSame(SceneRole::Beat, self::scenes('It rang. They followed the light home.')[1][0]);
        self::assertSame(SceneRole::Hook, self::scenes('Would you have?')[0][0]);
    }

    public function test_a_piece_without_words_stays_with_its_neighbour(): void
    {
        self::assertCount(2, self::scenes("The lamp went out.\n—\nNobody came."));
    }

    public function test_a_sentence_too_long_for_a_scene_is_refused(): void
    {
        $this->expectException(UnusableScript::class);
        self::scenes(str_repeat('lamp ', 400));
    }

    /** @return array<string, array{string}> */
    public static function notScenes(): array
    {
        return ['nothing' => [''], 'a dash' => [' — '], 'too much' => [str_repeat('ab ', 400)]];
    }

    #[DataProvider('notScenes')]
    public function test_a_scene_needs_words_in_reason(string $text): void
    {
        $this->expectException(Refusal::class);
        new Scene(SceneRole::Beat, $text);
    }

    public function test_words_are_what_white_space_parts_and_signs_go_with_the_word_before(): void
    {
        $words = ScriptWord::of('“Höchste Zeit” — rief 1 & alle …');

        self::assertSame(
            ['“Höchste', 'Zeit” —', 'rief', '1 &', 'alle …'],
            array_map(static fn (ScriptWord $word): string => $word->text, $words),
        );
        self::assertSame([0, 9, 17, 22, 26], array_map(static fn (ScriptWord $word): int => $word->offset, $words));
        self::assertSame('— now', ScriptWord::of('— now')[0]->text);
    }

    public function test_an_estimate_gives_every_word_its_share_of_the_time(): void
    {
        $rate = SpeechRate::common();
        $words = $rate->wordsOf('one lighthouse guided no ships');

        self::assertSame(0, $words[0]->startMs);
        self::assertSame($rate->ofText('one lighthouse guided no ships'), $words[4]->endMs);
        self::assertGreaterThan($words[0]->endMs - $words[0]->startMs, $words[1]->endMs - $words[1]->startMs);
    }
}
