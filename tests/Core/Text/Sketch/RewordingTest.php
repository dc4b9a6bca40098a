<?php

declare(strict_types=1);

namespace Tests\Core\Text\Sketch;

use PHPUnit\Framework\Attributes\TestWith;
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

    /** @return list<string> all that a sentence is made by many throws of the dice */
    private static function ways(string $sentence): array
    {
        $ways = [];
        for ($seed = 0; $seed < 80; $seed++) {
            try {
                $script = [$sentence, ...self::SCRIPT];
                $version = (new Reworder)->reword(new Rewording('The lamp', $script, Tone::Plain, '', $seed, [], []));
                $ways[] = $version->sentences[0];
            } catch (Refusal) {
                continue;
            }
        }

        return array_values(array_unique($ways));
    }

    #[TestWith(['There was one too many on the map.', 'one too many'])]
    #[TestWith(['He asked how many had come.', 'how many'])]
    #[TestWith(['How often did it rain?', 'How often'])]
    #[TestWith(['She called again and again.', 'again and again'])]
    #[TestWith(['All but one were lost.', 'All but one'])]
    #[TestWith(['The boat went under.', 'went under'])]
    #[TestWith(['He left it all behind.', 'behind'])]
    #[TestWith(['She drew near.', 'drew near'])]
    #[TestWith(['It was built of stone.', 'built of stone'])]
    #[TestWith(['It so happened to be him.', 'happened to be'])]
    #[TestWith(['He learned to swim.', 'learned to'])]
    #[TestWith(['It was meant to burn.', 'was meant to'])]
    #[TestWith(['They had to leave.', 'They had to'])]
    #[TestWith(['They could not leave.', 'They could'])]
    #[TestWith(['He stood there as though lost.', 'as though'])]
    #[TestWith(['It had not yet begun.', 'yet'])]
    #[TestWith(["It's been so long.", "It's been"])]
    #[TestWith(['He had a boat.', 'He had a boat'])]
    #[TestWith(['So it is.', 'it is'])]
    #[TestWith(['By and large, it held.', 'and large'])]
    #[TestWith(['A crew of nine people sailed.', 'nine people'])]
    public function test_what_belongs_together_stays_together(string $sentence, string $kept): void
    {
        $ways = self::ways($sentence);
        self::assertNotSame([], $ways);
        foreach ($ways as $way) {
            self::assertStringContainsStringIgnoringCase($kept, $way);
        }
    }

    #[TestWith(['He saw a strange light in the fog.', '/\ban odd light\b/', '/\ba odd\b/'])]
    #[TestWith(['It was an odd old tower.', '/\ba (?:strange|curious) old\b/', '/\ban (?:strange|curious)\b/'])]
    #[TestWith(['It was a mistake to land there.', '/\ban error\b/', '/\ba error\b/'])]
    #[TestWith(['A very old man came.', '/\bAn ancient man\b/', '/\bA ancient\b/'])]
    #[TestWith(['She had to go.', '/\bShe was forced to go\b/', '/\bShe were\b/'])]
    public function test_a_word_has_the_article_and_the_number_that_go_with_it(
        string $sentence,
        string $seen,
        string $never,
    ): void {
        $ways = self::ways($sentence);
        self::assertNotSame([], preg_grep($seen, $ways));
        self::assertSame([], array_values(preg_grep($never, $ways) ?: []));
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
