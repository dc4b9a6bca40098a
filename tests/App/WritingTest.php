<?php

declare(strict_types=1);

namespace Tests\App;

use App\Gateways\Writing\Writing;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Http;
use RapidReel\Base\Refusal;
use RapidReel\Text\Sketch\Rewording;
use RapidReel\Text\Sketch\Tone;

/** Scripts to order and in other words, by the stand-in and by a service. */
final class WritingTest extends AppTestCase
{
    private const SCRIPT = "other hook: Who lit the lamp?\n\nFor eleven years, one lighthouse guided no ships at all.\n"
        ."[Show: a dark tower]\nNobody told the keeper of the light, and the harbour was closed.\n"
        ."In 1911, a storm came out of the north.\nHe did not know that nine men were at sea.";

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
    }

    public function test_a_script_is_said_in_six_other_ways_with_its_hooks_and_pictures(): void
    {
        $html = (string) $this->postJson('/sketches/reworded', [
            'script' => self::SCRIPT, 'tone' => 'calm', 'audience' => 'night owls', 'round' => 0,
        ])->assertOk()->json('html');

        self::assertSame(6, substr_count($html, '<article'));
        self::assertSame(6, preg_match_all('/data-take="([^"]*)"/', $html, $taken));
        foreach ($taken[1] as $text) {
            $text = html_entity_decode($text);
            self::assertStringContainsString('Who lit the lamp?', $text);
            self::assertStringContainsString('[Show: a dark tower]', $text);
            self::assertStringContainsString('1911', $text);
            self::assertStringContainsStringIgnoringCase('night owls', $text);
        }
        self::assertCount(6, array_unique($taken[1]));
    }

    public function test_a_script_without_words_is_refused_in_words(): void
    {
        foreach (['', '[only a note]'] as $script) {
            $this->postJson('/sketches/reworded', ['script' => $script, 'tone' => 'calm', 'round' => 0])
                ->assertUnprocessable();
        }
    }

    public function test_sketches_are_for_somebody(): void
    {
        $html = (string) $this->postJson('/sketches', [
            'topics' => 'the bell', 'points' => '', 'tone' => 'calm', 'seconds' => 40, 'round' => 0,
            'audience' => 'people who cannot sleep',
        ])->assertOk()->json('html');

        self::assertGreaterThanOrEqual(6, substr_count($html, 'eople who cannot sleep'));
        self::assertStringContainsString('Other hooks:', $html);
    }

    public function test_a_service_writes_where_there_is_one(): void
    {
        config(['reel.writer' => 'http://writer.example/v1/', 'reel.writer_key' => 'secret']);
        Http::preventStrayRequests();
        Http::fake(['writer.example/v1/rewordings' => Http::response([
            'sentences' => ['One lamp burned for nobody.', 'Then a ship came.'], 'briefs' => ['', 'a ship in fog'],
        ])]);
        $order = new Rewording('Lamp', ['A lamp burned.', 'A ship came.'], Tone::Tense, 'sailors', 4, ['Who?']);
        $sketch = app(Writing::class)->reword($order, []);

        self::assertSame(
            ['Lamp', ['Who?'], [1 => ['a ship in fog']]],
            [$sketch->title, $sketch->hooks, $sketch->notes],
        );
        Http::assertSent(static fn (Request $request): bool => $request['audience'] === 'sailors'
            && $request['tone'] === 'tense' && $request->hasHeader('Authorization', 'Bearer secret'));
    }

    public function test_what_a_service_cannot_do_is_told(): void
    {
        config(['reel.writer' => 'http://writer.example']);
        Http::preventStrayRequests();
        $order = new Rewording('', ['A lamp burned.'], Tone::Plain, '', 0);
        foreach ([
            'could not do it: no ink.' => Http::response(['error' => 'no ink'], 422),
            'no sentences' => Http::response(['sentences' => 'none']),
        ] as $told => $answer) {
            Http::swap(new \Illuminate\Http\Client\Factory);
            Http::fake(['*' => $answer]);
            try {
                app(Writing::class)->reword($order, []);
                self::assertTrue(false, 'It wrote.');
            } catch (Refusal $problem) {
                self::assertStringContainsString($told, $problem->getMessage());
            }
        }
    }

    public function test_topics_at_the_intake_are_told_and_go_along_to_where_sketches_are_written(): void
    {
        $this->actingAs($this->user());
        $marked = "the bell under the bay\nwhy <b>fog</b> is loud";
        $html = (string) $this->postJson('/intake/preview', ['text' => $marked])->assertOk()->json('html');
        self::assertStringNotContainsString('look like topics', $html, 'what has marks is no topic');

        $html = (string) $this->postJson('/intake/preview', ['text' => "the bell under the bay\nwhy fog is loud"])
            ->assertOk()->json('html');
        self::assertStringContainsString('These look like topics.', $html);
        self::assertSame(1, preg_match('/href="([^"]+)"/', $html, $link));
        $this->get(html_entity_decode($link[1]))->assertOk()
            ->assertSee("required>the bell under the bay\nwhy fog is loud</textarea>", false);

        $this->get('/sketches?topics='.urlencode('</textarea><script>alert(1)</script>'))->assertOk()
            ->assertDontSee('<script>alert(1)', false);
        $this->get('/sketches?topics[]=bell')->assertStatus(422);
        $html = (string) $this->postJson('/intake/preview', ['text' => 'The bell rang. Nobody came.'])->json('html');
        self::assertStringNotContainsString('topic', $html);
    }
}
