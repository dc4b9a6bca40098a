<?php

declare(strict_types=1);

namespace Tests\Core\Text\Sketch;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Refusal;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Hook\HookShape;
use RapidReel\Text\Script\UnusableScript;
use RapidReel\Text\Sketch\Condenser;
use RapidReel\Text\Sketch\HookPatterns;
use RapidReel\Text\Sketch\PatternWriter;
use RapidReel\Text\Sketch\Sketch;
use RapidReel\Text\Sketch\SketchOrder;
use RapidReel\Text\Sketch\Tone;
use RapidReel\Voice\Speech\SpeechRate;

final class SketchTest extends TestCase
{
    private const POINTS = [
        'The church sank in one night',
        'Fishermen hear it before every storm',
        'Nobody has dived for it',
    ];

    private static function sketch(HookShape $shape, int $words, int $seed = 0, Tone $tone = Tone::Tense): Sketch
    {
        return (new PatternWriter())->write(
            new SketchOrder('the bell under the bay', self::POINTS, $tone, $shape, $words, $seed),
        );
    }

    /** @return array<string, array{Tone}> */
    public static function tones(): array
    {
        return array_combine(
            array_column(Tone::cases(), 'value'),
            array_map(static fn (Tone $tone): array => [$tone], Tone::cases()),
        );
    }

    #[DataProvider('tones')]
    public function test_a_sketch_is_as_long_as_was_asked_within_a_tenth_and_says_every_point_in_order(Tone $tone): void
    {
        foreach (HookShape::cases() as $shape) {
            foreach ([60, 90, 120, 160, 250, 400] as $words) {
                for ($seed = 0; $seed < 6; $seed++) {
                    $sketch = self::sketch($shape, $words, $seed, $tone);
                    self::assertEqualsWithDelta(
                        $words,
                        $sketch->words(),
                        0.1 * $words,
                        "$shape->value, $words words, seed $seed",
                    );
                    self::assertMatchesRegularExpression('/'.implode('.*', self::POINTS).'/s', $sketch->text());
                }
            }
        }
    }

    public function test_its_hook_has_the_shape_that_was_asked_for(): void
    {
        foreach (HookShape::cases() as $shape) {
            for ($seed = 0; $seed < 24; $seed++) {
                self::assertContains(
                    $shape,
                    HookShape::in(self::sketch($shape, 100, $seed)->sentences[0]),
                    self::sketch($shape, 100, $seed)->sentences[0],
                );
            }
        }
    }

    public function test_the_same_order_gives_the_same_sketch_and_twelve_seeds_twelve_hooks(): void
    {
        self::assertSame(self::sketch(HookShape::Gap, 100, 3)->text(), self::sketch(HookShape::Gap, 100, 3)->text());
        foreach (HookShape::cases() as $shape) {
            $hooks = array_map(
                static fn (int $seed): string => self::sketch($shape, 100, $seed)->sentences[0],
                range(0, 11),
            );
            self::assertCount(12, array_unique($hooks), $shape->value);
            self::assertGreaterThanOrEqual(4, count(HookPatterns::of($shape)));
        }
    }

    public function test_an_order_that_cannot_be_met_is_refused_in_plain_words(): void
    {
        foreach (
            [
                'needs a topic' => static fn (): SketchOrder => new SketchOrder(
                    ' ',
                    [],
                    Tone::Plain,
                    HookShape::Gap,
                    100,
                    0,
                ),
                'at most 120 characters' => static fn (): SketchOrder => new SketchOrder(
                    str_repeat('bell ', 40),
                    [],
                    Tone::Plain,
                    HookShape::Gap,
                    100,
                    0,
                ),
                '30 to 420 words' => static fn (): SketchOrder => new SketchOrder(
                    'bell',
                    [],
                    Tone::Plain,
                    HookShape::Gap,
                    9,
                    0,
                ),
                'leave out a point' => static fn (): Sketch => self::sketch(HookShape::Gap, 30),
            ] as $why => $act
        ) {
            try {
                $act();
                self::fail($why);
            } catch (Refusal $problem) {
                self::assertStringContainsString($why, $problem->getMessage());
            }
        }
    }

    private const SOURCE =
        'The lighthouse at Orrin Head was built by nine men in a single summer. Stone came by boat from the quarry '
            .'across the bay. The lamp of the lighthouse burned whale oil, and the keeper carried the oil up two '
            .'hundred steps. He did so every evening for thirty years. Ferns grow near the door. In the storm of 1859 '
            .'the glass of the lamp broke, but the keeper held a blanket before the flame for nine hours. Eleven '
            .'boats saw the lamp that night and came home. Bread was cheap then. The keeper of the lighthouse never '
            .'spoke of it.';

    public function test_a_source_is_condensed_to_its_own_sentences_in_their_order_and_to_the_time(): void
    {
        $rate = SpeechRate::common();
        $sketch = (new Condenser)->condense((new ScriptReader)->read(self::SOURCE), 20, $rate, 3_000, 140);

        $ms = array_sum(
            array_map(static fn (string $sentence): int => $rate->ofText($sentence) + 140, $sketch->sentences),
        );
        self::assertLessThanOrEqual(20_000, $ms);
        self::assertGreaterThan(12_000, $ms);
        $places = array_map(
            static fn (string $sentence): int => (int) strpos(self::SOURCE, $sentence),
            array_slice($sketch->sentences, 1),
        );
        $sorted = $places;
        sort($sorted);
        self::assertSame($sorted, $places);
        self::assertSame($sketch->sentences, array_values(array_unique($sketch->sentences)));
        self::assertNotContains('Ferns grow near the door.', $sketch->sentences);
        foreach ($sketch->sentences as $sentence) {
            self::assertStringContainsString($sentence, self::SOURCE);
        }
    }

    public function test_too_little_to_condense_is_told(): void
    {
        $this->expectException(UnusableScript::class);
        (new Condenser())->condense(
            (new ScriptReader())->read('One lamp. Two lamps.'),
            20,
            SpeechRate::common(),
            3_000,
            140,
        );
    }
}
