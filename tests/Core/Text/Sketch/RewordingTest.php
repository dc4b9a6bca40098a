<?php

declare(strict_types=1);

namespace Tests\Core\Text\Sketch;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Refusal;
use RapidReel\Text\Hook\HookShape;
use RapidReel\Text\Sketch\PatternWriter;
use RapidReel\Text\Sketch\Reworder;
use RapidReel\Text\Sketch\Rewording;
use RapidReel\Text\Sketch\Sketch;
use RapidReel\Text\Sketch\SketchOrder;
use RapidReel\Text\Sketch\Tone;

/** A script said another way, and for somebody. */
final class RewordingTest extends TestCase
{
    private const SCRIPT = [
        'For eleven years, one lighthouse guided no ships at all.',
        'The harbour at Calder Ness had silted up, and the last steamer left in winter.',
        'Nobody told Edda Lorne, the keeper of the light.',
        'In 1911, a storm came out of the north with 40 men on the ice.',
        'She did not know that 9 men were at sea, but she lit the lamp.',
        'They saw the only light on forty miles of coast, and they steered for it.',
        'Follow for one more light tomorrow.',
    ];

    /** @return list<Sketch> */
    private static function versions(string $audience = ''): array
    {
        $versions = [];
        for ($i = 0; $i < 6; $i++) {
            $tone = Tone::cases()[$i % 4];
            $versions[] = (new Reworder)->reword(
                new Rewording('The lamp', self::SCRIPT, $tone, $audience, $i, ['Who lit it?'], [3 => ['ice at night']]),
                $versions,
            );
        }

        return $versions;
    }

    public function test_six_versions_differ_from_the_script_and_from_each_other(): void
    {
        $texts = [
            implode(' ', self::SCRIPT),
            ...array_map(static fn (Sketch $one): string => implode(' ', $one->sentences), self::versions()),
        ];
        foreach ($texts as $i => $one) {
            foreach (array_slice($texts, $i + 1) as $other) {
                self::assertLessThanOrEqual(Reworder::MOST_ALIKE, Reworder::alike($one, $other));
            }
        }
    }

    public function test_numbers_and_names_stay_and_so_does_their_order(): void
    {
        foreach (self::versions() as $version) {
            $said = implode(' ', $version->sentences);
            $at = 0;
            foreach (['eleven', 'Calder Ness', 'Edda Lorne', '1911', '40', '9', 'forty', 'tomorrow'] as $fact) {
                $place = strpos($said, $fact);
                self::assertIsInt($place, "$fact in: $said");
                self::assertSame(1, substr_count($said, $fact === '9' ? ' 9 ' : $fact), $said);
                // Two facts of one sentence may change places.
                self::assertGreaterThan($at - 60, $place, $said);
                $at = max($at, $place);
            }
        }
    }

    public function test_hooks_and_what_is_to_be_seen_go_along(): void
    {
        foreach (self::versions('night owls') as $version) {
            self::assertSame(['Who lit it?'], $version->hooks);
            self::assertStringContainsString("\n[Show: ice at night]\n", $version->text());
            self::assertMatchesRegularExpression('/1911[^\n]*\n\[Show: ice at night\]/', $version->text());
            self::assertStringContainsString('night owls', strtolower($version->text()));
        }
    }

    public function test_the_same_order_gives_the_same_words(): void
    {
        self::assertEquals(self::versions(), self::versions());
    }

    public function test_what_it_cannot_say_another_way_is_told(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('no other way');
        (new Reworder)->reword(new Rewording('', ['Die Lampe ging um neun aus.'], Tone::Plain, '', 0));
    }

    public function test_a_sketch_speaks_to_those_it_is_for_and_has_other_hooks(): void
    {
        $order = static fn (string $audience): SketchOrder => new SketchOrder(
            'the bell under the bay', ['It sank in one night'], Tone::Calm, HookShape::Question, 80, 3, $audience,
        );
        $sketch = (new PatternWriter)->write($order('people who cannot sleep'));

        self::assertStringContainsString('eople who cannot sleep', $sketch->text());
        self::assertEqualsWithDelta(80, $sketch->words(), 8);
        self::assertCount(2, $sketch->hooks);
        self::assertNotContains($sketch->sentences[0], $sketch->hooks);
        self::assertStringNotContainsString('audience', (new PatternWriter)->write($order(''))->text());
        $this->expectExceptionMessage('at most 80 characters');
        $order(str_repeat('long ', 20));
    }
}
