<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\EditBook;
use App\Doors\Jobs\PlanShort;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use App\Shelves\Models\Shot;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;

/** Scripts of a batch: what is said of them, changed in them and taken back. */
final class ScriptSideTest extends AppTestCase
{
    private const LONG =
        "title: The lamp\n\nFor eleven years, one lighthouse guided no ships at all. The keeper of the lighthouse lit ".
        'the lamp every night for ships that never came. Soup was hot. '.
        'The lamp of the lighthouse burned oil, and the keeper carried the oil up the stairs. He had painted the door '
            .'green in one year and blue in another. A gull sat on the rail. In a winter storm, a boat with nine men '
            .'lost its way among the rocks. They saw the lamp of the lighthouse, and they steered for it. The keeper '
            .'heard the boat before he saw it. He ran down the stairs with a rope and a lantern. Nine men came '
            .'ashore, one after the other, and none of them could speak. On Sundays he read an almanac. The keeper '
            .'made a fire and gave them bread. In the morning the captain asked why the lamp was lit. The keeper said '
            .'that a light is not for the ships that come, but for the one that might. The captain wrote that down. '
            .'The wind turned in the afternoon, and the ice on the stairs began to melt. The nine men mended the boat '
            .'with planks from the door of the shed. The boat went home, and the town heard of the lamp. Since then a '
            .'lamp is lit every night on that coast. Follow for another light.';

    private const TEXT = "title: The bell\nother hook: What if a bell rang under water?\n\nHello friends, a church "
        ."slid into the bay in one night. [CAMERA: slow push on the drowned church]\nThe bell never stopped ringing. "
        ."(softly)\nFollow for one more.";

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        Queue::fake();
    }

    private function batch(string ...$texts): Batch
    {
        $this->post('/batches', [
            'voice' => 'aldous',
            'profile' => 'upto-60',
            'quality' => 'draft',
            'later' => '1',
            'name' => 'Pile',
            'text' => implode("\n---\n", $texts),
        ])
            ->assertRedirect()
            ->assertSessionMissing('problem');

        return Batch::query()->latest('id')->firstOrFail();
    }

    /** @return list<string> */
    private static function texts(Short $short): array
    {
        return $short->scenes()->pluck('text')->all();
    }

    /**
     * @param  list<Short>  $shorts
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function act(Batch $batch, string $act, string $value = '', array $shorts = []): TestResponse
    {
        return $this->postJson("/batches/{$batch->id}/acts", [
            'act' => $act,
            // An empty one is no number.
            ...$value === '' ? [] : ['value' => $value],
            'shorts' => array_map(static fn (Short $short): int => $short->id, $shorts),
        ]);
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function hook(Short $short, array $what): TestResponse
    {
        return $this->postJson("/shorts/{$short->id}/hook", $what);
    }

    public function test_a_batch_can_be_looked_through_before_anything_is_exported(): void
    {
        $short = $this->batch(self::TEXT)->shorts[0];

        self::assertSame(0, $short->exports()->count());
        Queue::assertPushed(PlanShort::class, 1);
        self::assertSame('slow push on the drowned church', $short->scenes[0]->brief);
        self::assertSame(['What if a bell rang under water?'], $short->hooks->pluck('text')->all());
        self::assertTrue($short->cutSummary()?->isEstimated());
        $this->get("/batches/{$short->batch_id}")->assertOk()->assertSee('The bell')->assertSee('greeting first');
    }

    public function test_what_a_script_says_of_itself_wins_and_what_cannot_be_used_is_told(): void
    {
        $text =
            "title: A\nvoice: Brenna\nprofile: 90\npublish_at: 2026-12-01 18:00\ntags: sea\n\nNine ships sank.\n---\n"
                ."title: B\nvoice: Nobody\nprofile: 7\npublish_at: soon\n\nOne lamp burned for nine years.";
        $batch = $this->batch($text);

        self::assertSame(
            [['profile' => 'upto-90', 'voice' => 'brenna'], '2026-12-01 18:00', 'sea'],
            [
                $batch->shorts[0]->settings->own,
                $batch->shorts[0]->publish_at?->format('Y-m-d H:i'),
                $batch->shorts[0]->tags,
            ],
        );
        self::assertSame([[], null], [$batch->shorts[1]->settings->own, $batch->shorts[1]->publish_at]);
        self::assertSame(['voice' => 'aldous', 'profile' => 'upto-60'], array_reverse($batch->settings->own));
        $html = $this->postJson('/intake/preview', ['text' => $text])['html'];
        foreach (['no voice “Nobody”', 'no target “7”', '“soon” is no date'] as $warning) {
            self::assertStringContainsString($warning, $html);
        }
    }

    public function test_a_note_is_brought_back_at_the_intake_and_in_a_short(): void
    {
        $text = "The lamp went out. [nobody came]\nThe gull slept.";
        $again = $this->postJson('/intake/say', ['text' => $text, 'script' => 0, 'line' => 0, 'run' => 1])->assertOk()[
            'text'
        ];
        self::assertStringContainsString('nobody came', $this->batch($again)->shorts[0]->manuscript()->spoken());
        $this->postJson('/intake/say', ['text' => $text, 'script' => 4, 'line' => 0, 'run' => 1])->assertStatus(422);

        $short = $this->batch($text)->shorts[0];
        $this->postJson("/shorts/{$short->id}/say", ['note' => 0])->assertOk();
        self::assertSame(['The lamp went out. nobody came', 'The gull slept.'], self::texts($short));
        self::assertSame(0, $short->notes()->count());
        $this->postJson("/shorts/{$short->id}/undo")
            ->assertOk()
            ->assertJsonPath('said', 'Undone: restored a note.');
        self::assertSame(['The lamp went out.', 'The gull slept.'], self::texts($short));
        self::assertSame(1, $short->notes()->count());
    }

    public function test_an_over_long_script_is_shortened_by_one_press_and_the_press_can_be_undone(): void
    {
        $batch = $this->batch(self::LONG, self::TEXT);
        $long = $batch->shorts[0];
        $before = self::texts($long);
        self::assertTrue($long->cutSummary()?->isOver());
        $this->get("/shorts/{$long->id}/script")
            ->assertOk()
            ->assertSee('What the text misses least')
            ->assertSee('Soup was hot.');

        $answer = $this->act($batch, 'trim')->assertOk();
        self::assertSame('1 short: trimmed to length.', $answer['said']);
        self::assertFalse($long->refresh()->cutSummary()?->isOver());
        $after = self::texts($long);
        self::assertLessThan(count($before), count($after));
        self::assertSame(
            [$before[0], $before[count($before) - 1]],
            [$after[0], $after[count($after) - 1]],
            'hook and close stay',
        );
        self::assertSame([], array_diff($after, $before));

        self::assertSame('trimmed to length', $answer['undo']);
        $this->postJson("/batches/{$batch->id}/undo")->assertOk();
        self::assertSame($before, self::texts($long));
    }

    public function test_one_sentence_alone_can_be_left_out(): void
    {
        $batch = $this->batch(self::LONG);
        $before = count(self::texts($batch->shorts[0]));
        $this->act($batch, 'trim', '1', [$batch->shorts[0]])->assertOk();

        self::assertCount($before - 1, self::texts($batch->shorts[0]));
    }

    public function test_hooks_are_tried_kept_and_made_shorts_of(): void
    {
        $short = $this->batch(self::TEXT)->shorts[0];
        $this->get("/shorts/{$short->id}/script")
            ->assertSee('What if a bell rang under water?')
            ->assertSee('A church slid into the bay in one night.')
            ->assertSee('its strongest sentence');

        $this->hook($short, ['do' => 'instead', 'text' => 'What if a bell rang under water?'])->assertOk();
        self::assertSame('What if a bell rang under water?', self::texts($short)[0]);
        self::assertSame(
            ['Hello friends, a church slid into the bay in one night.'],
            $short->hooks()->pluck('text')->all(),
        );
        $this->hook($short, ['do' => 'before', 'text' => 'The bell.'])->assertOk();
        self::assertSame(['The bell.', 'What if a bell rang under water?'], array_slice(self::texts($short), 0, 2));
        $this->hook($short, ['do' => 'keep', 'text' => 'Nobody ever found the bell.'])->assertOk();
        $this->hook($short, ['do' => 'short', 'text' => 'Nobody ever found the bell.'])
            ->assertOk()
            ->assertJsonPath('said', 'Short 02 begins with it.');
        self::assertSame('Nobody ever found the bell', Short::query()->where('number', 2)->sole()->title);

        $other = Short::query()->where('number', 2)->firstOrFail();
        self::assertSame([$short->id, 'Nobody ever found the bell.'], [$other->variant_of, self::texts($other)[0]]);
        $this->get("/batches/{$short->batch_id}")->assertSee('beside 01');
        $this->hook($short, ['do' => 'drop', 'id' => $short->hooks()->firstOrFail()->id])->assertOk();
        $this->hook($short, ['do' => 'keep', 'text' => ' … '])->assertStatus(422);
        $this->hook($short, ['do' => 'keep', 'text' => ''])
            ->assertStatus(422)
            ->assertJsonPath('message', 'Write the hook first.');
    }

    public function test_each_hook_that_is_kept_becomes_a_short_of_its_own_with_a_title_of_its_own(): void
    {
        $batch = $this->made(
            "---\ntitle: The bell\nhooks:\n- What if a bell rang by itself?\n- Nine years, and nobody came.\n---\n"
                ."The bell rang every night. Nobody pulled the rope.\n---\nThe lamp went out. A boat came in.",
        );
        [$bell, $lamp] = $batch->shorts->all();
        $act = fn (int ...$ids): TestResponse => $this->postJson("/batches/{$batch->id}/acts", [
            'act' => 'hooks', 'shorts' => $ids,
        ]);
        $act($lamp->id)->assertStatus(422)->assertSee('No hooks are kept');
        $act($bell->id, $lamp->id)->assertOk()->assertJsonPath('said', '2 shorts made, one of each kept hook.');

        $made = $batch->shorts()->where('variant_of', $bell->id)->orderBy('number')->get();
        self::assertSame(
            ['What if a bell rang by itself?', 'Nine years, and nobody came'], $made->pluck('title')->all(),
        );
        foreach (['What if a bell rang by itself?', 'Nine years, and nobody came.'] as $i => $hook) {
            self::assertSame($hook, $made[$i]->scenes[0]->text);
            self::assertSame('Nobody pulled the rope.', $made[$i]->scenes->last()?->text);
        }
        self::assertSame('The bell', $bell->refresh()->title);
        // One step, taken back as one.
        $this->postJson("/batches/{$batch->id}/undo")->assertOk();
        self::assertSame(2, $batch->shorts()->count());
    }

    public function test_scenes_are_split_joined_moved_and_removed_and_keep_the_pictures_of_what_stays(): void
    {
        $this->library();
        $short = $this->batch(self::TEXT)->shorts[0];
        $footage = \App\Shelves\Models\Footage::query()->firstOrFail()->id;
        [$first, $second, $last] = $short->scenes->all();
        foreach ([$first, $second, $last] as $scene) {
            Shot::query()->create(['scene_id' => $scene->id, 'word' => 0, 'footage_id' => $footage]);
        }
        $scene = fn (Scene $scene, string $do, int $at = 0): TestResponse => $this->postJson("/scenes/{$scene->id}", [
            'do' => $do,
            'at' => $at,
        ]);

        $scene($second, 'split', 8)->assertOk();
        self::assertSame(['The bell', 'never stopped ringing.'], array_slice(self::texts($short), 1, 2));
        self::assertSame(
            [$first->id, $second->id, $last->id],
            Shot::query()->orderBy('scene_id')->pluck('scene_id')->all(),
            'what was shown is shown where its words are',
        );
        $scene($second, 'join')->assertOk();
        $scene($first, 'down')->assertOk();
        self::assertSame([$second->id, $first->id, $last->id], $short->scenes()->pluck('id')->all());
        self::assertSame(
            ['hook', 'beat', 'close'],
            array_map(static fn ($role): string => $role->value, $short->scenes()->pluck('role')->all()),
        );
        $scene($last, 'beat')->assertOk();
        $scene($first, 'drop')->assertOk();
        self::assertSame(['The bell never stopped ringing.', 'Follow for one more.'], self::texts($short));
        self::assertSame('beat', $last->refresh()->role->value);
        $scene($second, 'up')->assertStatus(422)->assertJsonPath('message', 'This scene is the first already.');

        for ($i = 0; $i < 5; $i++) {
            $this->postJson("/shorts/{$short->id}/undo")->assertOk();
        }
        self::assertSame([$first->id, $second->id, $last->id], $short->scenes()->pluck('id')->all());
        self::assertSame(3, Shot::query()->count());
        self::assertSame('slow push on the drowned church', $short->scenes()->firstOrFail()->brief);
        $this->postJson("/shorts/{$short->id}/undo")
            ->assertStatus(422)
            ->assertJsonPath('message', 'There is nothing left to undo.');
    }

    public function test_acts_on_the_chosen_change_only_them_and_are_taken_back_one_by_one(): void
    {
        $batch = $this->batch(self::TEXT, self::LONG, 'Nine ships sank. Nobody knew why.');
        [$one, $two, $three] = $batch->shorts->all();

        self::assertSame(
            '2 shorts: voice set to “Brenna”.',
            $this->setting('short', [$one->id, $three->id], 'voice', 'brenna')['said'],
        );
        self::assertSame(
            '3 shorts: target set to “Up to 90 s”.',
            $this->setting('short', [$one->id, $two->id, $three->id], 'profile', 'upto-90')['said'],
        );
        $this->setting('short', $two->id, 'split', 'words:5-15')->assertOk();
        self::assertSame(
            ['words:5-15', null],
            [$two->refresh()->settings->own['split'], $one->refresh()->settings->own['split'] ?? null],
        );
        foreach (self::texts($two) as $text) {
            self::assertLessThanOrEqual(15, count(explode(' ', $text)));
        }
        self::assertSame(
            'Nothing to change: voice set to “Brenna”.',
            $this->setting('short', $one->id, 'voice', 'brenna')['said'],
        );
        $this->act($batch, 'copy', '', [$one])->assertOk();
        self::assertSame([1, 2, 3, 4], $batch->shorts()->pluck('number')->all());
        $this->act($batch, 'delete', '', [$one, $two])->assertOk();
        self::assertSame([3, 4], $batch->shorts()->pluck('number')->all());
        $this->get("/shorts/{$one->id}")->assertNotFound();

        $undone = [];
        while (app(EditBook::class)->last($batch) !== null) {
            $undone[] = $this->postJson("/batches/{$batch->id}/undo")->assertOk()['said'];
        }
        self::assertSame(
            [
                'Undone: deleted.',
                'Undone: copied.',
                'Undone: scenes set to “5 to 15 words each”.',
                'Undone: target set to “Up to 90 s”.',
                'Undone: voice set to “Brenna”.',
            ],
            $undone,
        );
        self::assertSame([1, 2, 3], $batch->shorts()->pluck('number')->all());
        self::assertSame([], $one->refresh()->settings->own);
        self::assertSame('For eleven years, one lighthouse guided no ships at all.', self::texts($two)[0]);

        $this->setting('short', $one->id, 'split', 'words:9-2')->assertStatus(422);
        $this->act($batch, 'dance')->assertStatus(422);
        $this->postJson("/batches/{$batch->id}/acts", ['act' => 'copy', 'shorts' => [99_999]])->assertStatus(422);
    }

    public function test_nobody_acts_on_the_shorts_of_another_account(): void
    {
        $short = $this->batch(self::TEXT)->shorts[0];
        $scene = $short->scenes[0];
        $this->actingAs($this->user('other@lamplight.example'));

        $this->act($short->batch, 'delete', '', [$short])->assertNotFound();
        $this->hook($short, ['do' => 'keep', 'text' => 'x'])->assertNotFound();
        $this->postJson("/scenes/{$scene->id}", ['do' => 'drop'])->assertNotFound();
        $this->get("/shorts/{$short->id}/briefs.txt")->assertNotFound();
        $mine = $this->batch('One lamp burned.');
        $this->act($mine, 'delete', '', [$short])->assertStatus(422);
        self::assertNotNull($short->fresh());
    }

    public function test_the_same_hook_or_script_is_pointed_out_in_the_batch_and_against_earlier_ones(): void
    {
        $story =
            'The harbour had silted up years ago. Every night the keeper climbed two hundred steps to the lamp. Nobody '
                .'ever told him that the ships were gone.';
        $batch = $this->batch(
            "title: First\n\nOne lighthouse guided no ships at all. $story",
            "title: Second\n\nOne lighthouse guided no ships at all! A whale came to the bay in spring.",
        );
        $this->get("/batches/{$batch->id}")
            ->assertSee('The same hook as 01 “First”.')
            ->assertSee('The same hook as 02 “Second”.');

        $text = "title: Third\n\nAnother beginning of it. $story";
        self::assertStringContainsString(
            '01 “First” in “Pile”',
            $this->postJson('/intake/preview', ['text' => $text])['html'],
        );
        self::assertStringContainsString(
            'script 2, “Fifth”',
            $this->postJson('/intake/preview', [
                'text' => "title: Fourth\n\nNine ships sank at once.\n---\ntitle: Fifth\n\nNine ships sank at once.",
            ])['html'],
        );
        $later = $this->batch($text);
        $this->get("/batches/{$later->id}")->assertSee('Much the same script as 01 “First” in “Pile”');
        $this->act($batch, 'delete', '', [$batch->shorts[0]])->assertOk();
        $this->get("/batches/{$later->id}")->assertDontSee('“First”');
        // A short made to try another hook is meant to be alike.
        $this->hook($later->shorts[0], ['do' => 'short', 'text' => 'Would you have told him?'])->assertOk();
        $this->get("/batches/{$later->id}")->assertDontSee('“Third”.', false);
    }

    public function test_a_page_that_is_open_is_told_only_of_the_rows_that_changed(): void
    {
        $batch = $this->batch(self::TEXT, self::LONG);
        Short::query()->update(['planned_inputs' => DB::raw('inputs'), 'updated_at' => now()->subMinute()]);
        $this->travel(5)->seconds();
        $since = now()->getTimestamp();
        self::assertSame([], $this->getJson("/batches/{$batch->id}/state?since=$since")['rows']);
        $this->travel(5)->seconds();
        $this->setting('short', $batch->shorts[1]->id, 'voice', 'brenna');

        self::assertSame(
            [$batch->shorts[1]->id],
            array_keys($this->getJson("/batches/{$batch->id}/state?since=$since")['rows']),
        );
    }

    public function test_briefs_go_out_in_order_with_the_house_style_and_forbidden_names_are_flagged(): void
    {
        $this->put('/house', [
            'name' => 'Lamplight Log',
            'style_words' => 'ink and lamplight',
            'forbidden' => "Josse\nthe pilot",
        ])->assertRedirect();
        $this->put('/house', ['name' => ''])->assertSessionHasErrors('name');
        self::assertSame(['Josse', 'the pilot'], Channel::query()->firstOrFail()->forbiddenWords());
        $batch = $this->batch(self::TEXT, 'Josse climbed two hundred steps. Nobody came.');
        $short = $batch->shorts[1];

        $lines = explode("\n", trim((string) $this->get("/shorts/{$short->id}/briefs.txt")->assertOk()->getContent()));
        self::assertSame($short->cutSummary()?->shots(), count($lines));
        foreach ($lines as $line) {
            self::assertStringEndsWith(', ink and lamplight', $line);
        }
        $this->get("/shorts/{$short->id}/briefs")->assertOk()->assertSee('Not to be shown: Josse');
        $this->putJson("/scenes/{$short->scenes[0]->id}/brief", ['text' => 'a man on stairs'])->assertOk();
        self::assertStringStartsWith(
            'Wide view: a man on stairs, ink',
            (string) $this->get("/shorts/{$short->id}/briefs.txt")->getContent(),
        );

        $path = $this->get("/batches/{$batch->id}/briefs")->assertOk()->baseResponse->getFile()->getPathname();
        $zip = new \ZipArchive;
        $zip->open($path);
        self::assertSame(
            [
                '01-the-bell-briefs.txt',
                '01-the-bell-briefs.csv',
                '02-josse-climbed-two-hundred-steps-briefs.txt',
                '02-josse-climbed-two-hundred-steps-briefs.csv',
            ],
            array_map($zip->getNameIndex(...), range(0, 3)),
        );
    }

    public function test_sketches_are_ordered_six_at_a_time_or_one_for_each_topic_and_a_source_is_condensed(): void
    {
        $order = [
            'topics' => 'the bell',
            'points' => "It sank in one night\nNobody has dived for it",
            'tone' => 'calm',
            'shape' => '',
            'seconds' => 45,
        ];
        $six = $this->post('/sketches', $order)->assertOk()['html'];
        $more = $this->post('/sketches', [...$order, 'round' => 1])->assertOk()['html'];
        preg_match_all('/data-take="([^"]+)"/', $six.$more, $sketches);
        self::assertCount(12, array_unique($sketches[1]));
        self::assertSame(12, substr_count(strip_tags($six.$more), 'It sank in one night.'));
        $topics = implode("\n", array_map(static fn (int $i): string => "lamp $i", range(1, 20)));
        self::assertSame(
            20,
            substr_count($this->post('/sketches', [...$order, 'topics' => $topics])->assertOk()['html'], 'data-take'),
        );
        $this->get('/sketches')->assertOk()->assertSee('is a stand-in');

        $condensed = $this->post('/sketches/condensed', ['source' => self::LONG, 'seconds' => 20])->assertOk()['html'];
        self::assertMatchesRegularExpression('/≈ (?:1[4-9]|20) s/', $condensed);
        foreach (
            [
                ['topics' => '', 'seconds' => 45],
                ['topics' => 'x', 'seconds' => 2],
                ['topics' => 'bell', 'seconds' => 900],
            ] as $bad
        ) {
            $this->post('/sketches', [...$order, ...$bad], ['Accept' => 'application/json'])->assertStatus(422);
        }
        $this->post(
            '/sketches/condensed',
            ['source' => 'One lamp.', 'seconds' => 20],
            ['Accept' => 'application/json'],
        )->assertStatus(422);
    }

    public function test_a_copied_page_with_two_articles_is_asked_about_and_parted(): void
    {
        $lamp = str_repeat('The keeper carried oil up to the lamp of the tower each evening. ', 8);
        $bread = str_repeat('Mix flour with yeast and knead the dough for the oven. ', 9);
        $text = "The lamp\nBy Mara Quill\n$lamp\nThe bread\nBy Tobin Vale\n$bread";
        self::assertStringContainsString(
            'Which do you keep?',
            $this->postJson('/intake/preview', ['text' => $text])['html'],
        );

        $kept = $this->postJson('/intake/keep', ['text' => $text, 'script' => 0, 'articles' => [0, 1]])->assertOk()[
            'text'
        ];
        self::assertSame(['The lamp', 'The bread'], $this->batch($kept)->shorts->pluck('title')->all());
        $this->postJson('/intake/keep', ['text' => $text, 'script' => 0, 'articles' => []])->assertStatus(422);
    }
}
