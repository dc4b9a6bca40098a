<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Exporting\CaptionInspector;
use App\Makers\Proofs\ClearCue;
use App\Makers\Proofs\Proof;
use App\Makers\Reviewing\Judge;
use App\Makers\Reviewing\JudgedFinding;
use App\Makers\Reviewing\ReviewOf;
use App\Shelves\Models\Batch;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Short;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use RapidReel\Plan\Finding\FindingKind;

/** Shorts are looked through before they leave: what is found, what stops them, what is mended, who cleared them. */
final class ReviewTest extends AppTestCase
{
    private const GREETING = "Welcome back to Lamplight Log! The lamp went out.\nThe boat came in. The gull cried.";

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->library();
    }

    private function batch(string $text = self::GREETING, array $settings = []): Batch
    {
        $batch = $this->made($text, $settings);
        $this->work();

        return $batch->refresh();
    }

    private function review(Short $short): ReviewOf
    {
        return app(Judge::class)->of($short->refresh()->load(['batch.channel', 'waivers', 'latestVerdict']));
    }

    /** @return list<string> kinds that count */
    private function kinds(Short $short): array
    {
        return array_values(array_unique(array_map(
            static fn (JudgedFinding $one): string => $one->finding->kind->value,
            array_filter($this->review($short)->shown ?? [], static fn (JudgedFinding $one): bool => $one->counts()),
        )));
    }

    private function key(Short $short, FindingKind $kind): string
    {
        foreach ($this->review($short)->shown ?? [] as $one) {
            if ($one->finding->kind === $kind) {
                return $one->finding->key();
            }
        }

        return self::fail("Nothing of the kind {$kind->value} is found.");
    }

    /**
     * @param  array<string, string|int>  $with
     * @return TestResponse<Response>
     */
    private function decide(Short $short, string $do, array $with = []): TestResponse
    {
        return $this->postJson("/shorts/{$short->id}/review", ['do' => $do, ...$with]);
    }

    public function test_what_is_ignored_stays_with_its_words_and_counts_again_when_they_change(): void
    {
        $short = $this->batch()->shorts[0];
        self::assertContains('greeting', $this->kinds($short));
        $key = $this->key($short, FindingKind::Greeting);
        $this->decide($short, 'waive', ['finding' => $key, 'note' => 'Our <b>sign</b>'])->assertOk();
        self::assertNotContains('greeting', $this->kinds($short));
        $page = (string) $this->getJson("/shorts/{$short->id}/review")->assertOk()->json('html');
        self::assertStringContainsString('Our &lt;b&gt;sign&lt;/b&gt;', $page);
        self::assertStringContainsString('Ignored here by Keeper', $page);

        // Other words elsewhere change nothing of it; its own make another finding.
        $this->putJson("/scenes/{$short->scenes[1]->id}", ['text' => 'The boat came in late.'])->assertOk();
        $this->work();
        self::assertNotContains('greeting', $this->kinds($short), 'Its own words are the same.');
        $this->putJson("/scenes/{$short->scenes[0]->id}", ['text' => 'Welcome back to Lamplight Log! It went out.'])
            ->assertOk();
        $this->work();
        self::assertContains('greeting', $this->kinds($short));
        $this->postJson("/shorts/{$short->id}/undo")->assertOk();
        $this->work();
        self::assertNotContains('greeting', $this->kinds($short));
        $this->decide($short, 'unwaive', ['finding' => $key])->assertOk();
        self::assertContains('greeting', $this->kinds($short));
        $this->decide($short, 'waive', ['finding' => 'greeting-0123456789abcdef'])->assertStatus(422);
        $this->decide($short, 'waive', ['finding' => $key, 'note' => str_repeat('a', 1_001)])->assertStatus(422);
    }

    public function test_what_stops_by_setting_is_not_exported_for_publishing_and_not_cleared(): void
    {
        $batch = $this->batch(self::GREETING."\n---\nThe bell rang at night. The keeper slept on.");
        [$greeting, $bell] = [$batch->shorts[0], $batch->shorts[1]];
        $this->put('/house/review', ['greeting' => 'stops', 'forbidden' => 'money, quick cash'])->assertRedirect();
        self::assertSame('greeting stops', $this->channel()->refresh()->settings->own['severities'] ?? '');
        $this->post("/batches/{$batch->id}/exports", ['quality' => 'final'])->assertSessionHas('problem');
        self::assertSame([0, 1], [$greeting->exports()->count(), $bell->exports()->count()]);
        $bell->exports()->update(['state' => ExportState::Cancelled]);

        $looks = (string) $this->getJson("/shorts/{$greeting->id}/review")->json('seen');
        self::assertStringContainsString('A finding stops it: “Welcome back', (string) $this->decide(
            $greeting, 'clear', ['seen' => $looks],
        )->assertStatus(422)->json('message'));
        // Ordered before it was known what it says, it is stopped when that is known.
        $this->setting('short', $bell->id, 'forbidden', 'keeper')->assertOk();
        $bell->exports()->delete();
        $bell->update(['planned_inputs' => '']);
        $this->post("/shorts/{$bell->id}/exports", ['quality' => 'final'])->assertRedirect();
        $this->work();
        $export = $bell->exports()->firstOrFail();
        self::assertSame(ExportState::Failed, $export->state);
        self::assertStringContainsString('“keeper” is said', (string) $export->problem);
        $this->post("/shorts/{$bell->id}/exports", ['quality' => 'draft'])->assertRedirect();
        $this->work();
        self::assertSame(ExportState::Done, $bell->exports()->latest('id')->firstOrFail()->state, 'A draft may be.');
        $this->put('/house/review', ['greeting' => 'perhaps'])->assertSessionHas('problem');
        $this->post('/house/undo')->assertOk();
        self::assertNotContains('stops', $this->channel()->refresh()->settings->own);
    }

    public function test_cleared_then_changed_needs_a_new_look(): void
    {
        $short = $this->batch()->shorts[0];
        $seen = fn (): string => (string) $this->getJson("/shorts/{$short->id}/review")->assertOk()->json('seen');
        $first = $seen();
        $this->decide($short, 'clear', ['seen' => 'another'])->assertStatus(422);
        $this->decide($short, 'clear', ['seen' => $first])->assertOk();
        self::assertTrue($this->review($short)->isCleared());
        self::assertSame('Keeper', $this->review($short)->verdict?->by);

        $this->setting('short', $short->id, 'dim', '20')->assertOk();
        self::assertFalse($this->review($short)->isCleared());
        $this->decide($short, 'clear', ['seen' => $first])->assertStatus(422);
        $this->work();
        self::assertTrue($this->review($short)->isChanged());
        $this->postJson("/shorts/{$short->id}/undo")->assertOk();
        $this->work();
        self::assertTrue($this->review($short)->isCleared(), 'As it was when it was cleared.');

        $this->decide($short, 'back', ['note' => '', 'ms' => 400])->assertStatus(422);
        $this->decide($short, 'back', ['note' => str_repeat('a', 10_000), 'ms' => 400])->assertStatus(422)
            ->assertJsonPath('message', 'A note has at most 2,000 characters; this has 10,000. Nothing was sent.');
        $this->decide($short, 'back', ['note' => 'The gull is <i>late</i>.', 'ms' => 400])->assertOk();
        self::assertTrue($this->review($short)->isSentBack());
        $this->get("/batches/{$short->batch_id}/review")->assertOk()->assertSee('sent back');
        self::assertStringContainsString(
            'The gull is &lt;i&gt;late&lt;/i&gt;.',
            (string) $this->getJson("/shorts/{$short->id}/review")->json('html'),
        );
    }

    public function test_all_that_can_be_mended_is_one_step_and_what_remains_is_told(): void
    {
        $long = 'The lamp went out in the night and the boat came in. '
            .str_repeat('The gull cried over the tower. ', 11);
        $batch = $this->batch(self::GREETING."\n---\n$long", ['profile' => 'upto-60']);
        [$greeting, $other] = [$batch->shorts[0], $batch->shorts[1]];
        $greeting->update(['title' => str_repeat('A very long title ', 8), 'tags' => implode(', ', range(1, 20))]);
        self::assertContains('texts-long', $this->kinds($greeting));
        self::assertContains('picture-repeated', $this->kinds($other));
        $preview = fn (Short $short, FindingKind $kind): string => (string) $this->getJson(
            "/shorts/{$short->id}/review/mend?finding=".$this->key($short, $kind),
        )->assertOk()->json('says');
        self::assertSame('The first scene goes; the next is the hook.', $preview($greeting, FindingKind::Greeting));

        $states = $batch->shorts->map(fn (Short $one): string => $one->refresh()->title.$one->manuscript()->spoken());
        $said = (string) $this->postJson("/batches/{$batch->id}/review/mend")->assertOk()->json('said');
        self::assertStringContainsString('greeting first', $said);
        self::assertStringContainsString('For you remain', $said);
        $this->work();
        self::assertSame('The lamp went out.', $greeting->refresh()->load('scenes')->scenes[0]->text);
        self::assertLessThanOrEqual(100, mb_strlen($greeting->title));
        self::assertCount(15, explode(', ', $greeting->tags));
        self::assertSame([], array_intersect(['greeting', 'texts-long'], $this->kinds($greeting)));
        $this->postJson("/batches/{$batch->id}/undo")->assertOk();
        self::assertEquals($states, $batch->shorts->map(
            fn (Short $one): string => $one->refresh()->load('scenes')->title.$one->manuscript()->spoken(),
        ), 'One step takes all of it back.');

        // One alone.
        $this->work();
        $this->decide($greeting, 'mend', ['finding' => $this->key($greeting, FindingKind::Greeting)])->assertOk();
        self::assertSame('The lamp went out.', $greeting->refresh()->load('scenes')->scenes[0]->text);
        $this->decide($greeting, 'mend', ['finding' => 'greeting-1'])->assertStatus(422);
    }

    public function test_a_short_that_is_too_long_is_tightened_and_faint_captions_are_made_clear_at_a_press(): void
    {
        $short = $this->batch('The lamp went out at night. The boat came in. The gull cried. The bell rang.')
            ->shorts[0];
        $most = (int) floor(($short->cutSummary()?->wholeMs() ?? 0) * 0.96);
        self::assertNotContains('too-long', $this->kinds($short));
        $fields = \RapidReel\Base\Target\TargetForm::fields((new \RapidReel\Base\Target\Targets)->get('upto-60'));
        $target = app(\App\Desks\Editing\TargetDesk::class)->keep($this->channel()->refresh(), '', [
            ...$fields, 'name' => 'Tight', 'shortest' => '0', 'longest' => sprintf('%.2f', $most / 1000),
        ]);
        $this->setting('short', $short->id, 'profile', $target->id)->assertOk();
        $this->work();
        $key = $this->key($short, FindingKind::TooLong);
        self::assertStringStartsWith('From ', (string) $this->getJson(
            "/shorts/{$short->id}/review/mend?finding=$key",
        )->json('says'));
        $this->decide($short, 'mend', ['finding' => $key])->assertOk();
        $this->work();
        self::assertNotContains('too-long', $this->kinds($short));

        $short->refresh();
        $mends = [['kind' => 'outline', 'style' => ['outline' => 18], 'dim' => 0]];
        $short->update(['proof' => (new Proof($short->planned_inputs, 'key', [
            new ClearCue(0, 0, 100, 1.4, $mends, 0.9, 0.1),
        ], still: [[0, 300]]))->toJson()]);
        self::assertContains('faint-caption', $this->kinds($short), 'What is found follows what was measured.');
        $this->postJson("/batches/{$short->batch_id}/review/mend", ['shorts' => [$short->id]])->assertOk();
        self::assertSame(18, $short->refresh()->settings->own['caption_outline'] ?? 0);
    }

    public function test_a_batch_of_two_hundred_with_a_thousand_findings_is_one_page_with_few_questions(): void
    {
        $batch = $this->batch('The lamp went out at night. The boat came in.');
        $short = $batch->shorts[0];
        $this->review($short);
        $kept = json_decode((string) $short->refresh()->review, true);
        $kept['findings'] = array_fill(0, 5, [
            'kind' => 'dead-air', 'message' => 'A pause of 0.7 s.', 'sure' => 'measured', 'start_ms' => 400,
            'end_ms' => 900, 'scene' => 0, 'word' => 2, 'words' => 'The lamp went out at night.', 'mend' => null,
        ]);
        $short->update(['review' => json_encode($kept)]);
        $rows = [];
        for ($number = 2; $number <= 200; $number++) {
            $rows[] = [...array_diff_key($short->getAttributes(), ['id' => 0]), 'number' => $number];
        }
        foreach (array_chunk($rows, 20) as $some) {
            DB::table('shorts')->insert($some);
        }
        $asked = 0;
        DB::listen(static function () use (&$asked): void {
            $asked++;
        });
        $page = $this->get("/batches/{$batch->id}/review")->assertOk();
        self::assertSame(200, substr_count((string) $page->getContent(), '△ 5'));
        self::assertLessThan(30, $asked);
        $command = $this->console('reel:review', "--batch={$batch->id}");
        self::assertSame(10, $command->getExitCode(), $command->getErrorOutput());
        self::assertSame(1_000, json_decode($command->getOutput(), true)['warns']);
    }

    public function test_captions_that_are_not_in_the_file_are_missed_in_it(): void
    {
        $short = $this->batch('The lamp went out at night. The boat came in.')->shorts[0];
        $this->post("/shorts/{$short->id}/exports", ['quality' => 'draft'])->assertRedirect();
        $this->work();
        $export = $short->exports()->firstOrFail();
        $with = storage_path('media/'.$export->file('mp4'));
        $cut = $short->refresh()->plannedCut() ?? self::fail();
        $this->setting('short', $short->id, 'captions_shown', 'off')->assertOk();
        $this->post("/shorts/{$short->id}/exports", ['quality' => 'draft'])->assertRedirect();
        $this->work();
        $bare = storage_path('media/'.$short->exports()->latest('id')->firstOrFail()->file('mp4'));

        $look = app(CaptionInspector::class);
        self::assertGreaterThan(2, count($cut->cues));
        self::assertSame([], $look->missing($with, $bare, $cut));
        self::assertCount(count($cut->cues), $look->missing($bare, $bare, $cut));
    }

    public function test_the_command_answers_in_json_and_junit_with_an_exit_status_by_severity(): void
    {
        $folder = TEST_PLACE.'/review';
        is_dir($folder) || mkdir($folder);
        file_put_contents("$folder/a.txt", 'The lamp went out. The boat came in. The gull cried at the bell tower.');
        file_put_contents("$folder/b.txt", 'Welcome back to Lamplight Log! The bell <rang> & rang.');
        $plain = ['--set', 'severities='.implode(', ', array_map(
            static fn (FindingKind $kind): string => "{$kind->value} ignored",
            array_filter(FindingKind::cases(), static fn (FindingKind $one): bool => $one !== FindingKind::Greeting),
        ))];
        $clean = $this->console('reel:review', "$folder/a.txt", '--channel=Keeper', ...$plain);
        self::assertSame(0, $clean->getExitCode(), $clean->getErrorOutput());
        $warns = $this->console('reel:review', $folder, '--channel=Keeper', ...$plain);
        self::assertSame(10, $warns->getExitCode(), $warns->getErrorOutput());
        $stops = $this->console(
            'reel:review', "$folder/b.txt", '--channel=Keeper', '--set', 'severities=greeting stops', '--set',
            'forbidden=rang', '--format=junit',
        );
        self::assertSame(20, $stops->getExitCode(), $stops->getErrorOutput());
        $report = (array) json_decode($warns->getOutput(), true);
        self::assertSame([0, 1], [$report['stops'], $report['warns']]);
        self::assertSame('greeting', array_values(array_filter(
            $report['shorts'][1]['findings'], static fn (array $one): bool => $one['severity'] === 'warns',
        ))[0]['kind']);
        $xml = simplexml_load_string($stops->getOutput());
        self::assertNotFalse($xml);
        self::assertSame(
            ['2', '24'], [(string) $xml->testsuite[0]['failures'], (string) $xml->testsuite[0]['tests']],
        );
        self::assertCount(3, $xml->xpath('//failure') ?: []);
        self::assertSame(1, $this->console('reel:review', '--batch=None such')->getExitCode());
        self::assertSame(1, $this->console('reel:review', $folder, '--format=csv')->getExitCode());
    }
}
