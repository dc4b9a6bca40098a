<?php

declare(strict_types=1);

namespace Tests\Core\Text\Script;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Refusal;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneSplitter;
use RapidReel\Text\Script\SplitRule;
use RapidReel\Voice\Speech\SpeechRate;

final class SplitRuleTest extends TestCase
{
    private const TEXT = 'The harbour had silted up, and the last steamer left in winter, and nobody told the keeper '
        ."of the light. He trimmed the flame.\nNobody came.";

    /** @return list<string> */
    private static function split(SplitRule $rule, string $text = self::TEXT): array
    {
        return array_map(
            static fn (Scene $scene): string => $scene->text,
            (new SceneSplitter())->splitText($text, $rule, SpeechRate::common()),
        );
    }

    public function test_by_sentence_and_by_line(): void
    {
        self::assertCount(3, self::split(SplitRule::sentence()));
        self::assertSame(explode("\n", self::TEXT), self::split(SplitRule::line()));
    }

    public function test_a_range_of_words_is_kept_and_cut_at_the_best_boundary(): void
    {
        $scenes = self::split(SplitRule::words(5, 15));

        self::assertSame(str_replace("\n", ' ', self::TEXT), implode(' ', $scenes));
        foreach ($scenes as $scene) {
            self::assertGreaterThanOrEqual(5, count(explode(' ', $scene)), $scene);
            self::assertLessThanOrEqual(15, count(explode(' ', $scene)), $scene);
        }
        self::assertStringEndsWith(',', $scenes[0], 'a comma is a better place than the middle of a phrase');
    }

    public function test_no_scene_is_longer_than_the_seconds_asked_for(): void
    {
        $scenes = self::split(SplitRule::seconds(3));

        self::assertSame(str_replace("\n", ' ', self::TEXT), implode(' ', $scenes));
        foreach ($scenes as $scene) {
            self::assertLessThanOrEqual(3_000, SpeechRate::common()->ofText($scene), $scene);
        }
    }

    public function test_a_trailing_ellipsis_carries_on(): void
    {
        $scenes = (new SceneSplitter)->splitText('And then… Nobody came.', SplitRule::sentence(), SpeechRate::common());

        self::assertSame([true, false], [$scenes[0]->carriesOn(), $scenes[1]->carriesOn()]);
    }

    public function test_a_rule_is_read_as_it_is_written(): void
    {
        foreach (['sentence', 'line', 'words:5-15', 'words:8-12', 'seconds:4', 'seconds:2.5'] as $rule) {
            self::assertSame($rule, (string) SplitRule::parse($rule));
        }
    }

    /** @return array<string, array{string}> */
    public static function bad(): array
    {
        return [
            'unknown' => ['paragraph'],
            'upside down' => ['words:15-5'],
            'none' => ['words:0-5'],
            'too long' => ['seconds:90'],
            'too many' => ['words:5-500'],
        ];
    }

    #[DataProvider('bad')]
    public function test_a_rule_that_makes_no_sense_is_refused(string $rule): void
    {
        $this->expectException(Refusal::class);
        SplitRule::parse($rule);
    }
}
